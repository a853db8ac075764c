import { itemAt } from '../../../items/index.ts';
import { type Bar, mainHoopOf, type MainHoop, type Plan } from '../../../plan/index.ts';
import { arcsIn } from '../../../centreline/index.ts';
import { distance } from '../../../space/index.ts';
import { angle, bar, cageOf, mm, placeAt, point } from '../../../testing/index.ts';
import { tubeOf } from '../../../testing/placed.ts';
import { hoopFrom } from '../hoop.ts';

/** A hoop that came with the car: 1200 mm wide at its feet, 1000 mm high. */
function oldHoop(changes: Partial<MainHoop> = {}): Plan {
  const plan = cageOf();
  const hoop: MainHoop = {
    ...(mainHoopOf(plan) as MainHoop),
    way: {
      kind: 'taped',
      top: mm(1000),
      stations: [
        { height: mm(0), width: mm(1200), left: null },
        { height: mm(700), width: mm(1100), left: null },
      ],
    },
    existing: true,
    ...changes,
  };
  return { ...plan, members: plan.members.map((one) => (one.role === 'main-hoop' ? hoop : one)) };
}

const hoopOf = (plan: Plan) => tubeOf(plan, itemAt(mainHoopOf(plan)?.pieces ?? [], 0).id);

/** Why there is no hoop. */
const noHoopOf = (plan: Plan): string => {
  const result = hoopFrom(plan.survey, mainHoopOf(plan) as MainHoop, plan.measuringError);
  return 'none' in result && result.none.why === 'impossible' ? result.none.fault.message : '';
};

describe('an old hoop bent again', () => {
  const pulled = { bentAgain: [{ feature: 'crown-left', by: angle('3') }] };

  test('its crown stays and its left foot comes in, by no more tube than there was', () => {
    const [before, after] = [hoopOf(oldHoop()), hoopOf(oldHoop(pulled))];
    expect(after.developed).toBeCloseTo(before.developed, 6);
    const angles = ({ axis }: typeof before) => arcsIn(axis).map((arc) => arc.angle);
    expect(itemAt(angles(after), 0) - itemAt(angles(before), 0)).toBeCloseTo(3, 6);
    expect(itemAt(angles(after), 1)).toBeCloseTo(itemAt(angles(before), 1), 6);
    const inward = itemAt(before.points, 0)[1] - itemAt(after.points, 0)[1];
    // Δ = δ · h with the height of the leg below its bend, a little less as the bend takes some of it.
    const leg = distance(itemAt(before.points, 0), itemAt(before.points, 1));
    expect(inward).toBeGreaterThan(0.8 * leg * ((3 * Math.PI) / 180));
    expect(inward).toBeLessThan(1.05 * leg * ((3 * Math.PI) / 180));
  });

  test('a hoop by straights and bends shows the angle that the bend then has', () => {
    const rows = [
      {
        straight: mm(400),
        turn: { kind: 'degrees' as const, angle: angle('0') },
        angle: angle('80'),
        takes: null,
      },
    ];
    const way = { kind: 'take-off' as const, sample: null, left: { rows, tail: mm(800) }, right: null };
    const plan = oldHoop({ ...pulled, way });
    const result = hoopFrom(plan.survey, mainHoopOf(plan) as MainHoop, plan.measuringError);
    if ('none' in result) throw new Error('no hoop');
    const shown = JSON.stringify(result.hoop.figures);
    expect(shown).toContain('"value":83');
    expect(arcsIn(hoopOf(plan).axis).map((arc) => Math.round(arc.angle * 1e6) / 1e6)).toEqual([83, 80]);
  });

  test('what is made new is bent by its sheet: it is not bent again', () => {
    expect(hoopOf(oldHoop({ ...pulled, existing: false })).points).toEqual(
      hoopOf(oldHoop({ existing: false })).points,
    );
  });

  test('a bend that it has not, and one that would close, are told', () => {
    expect(noHoopOf(oldHoop({ bentAgain: [{ feature: 'knee-left', by: angle('3') }] }))).toContain(
      'no bend "knee-left"',
    );
    expect(noHoopOf(oldHoop({ bentAgain: [{ feature: 'crown-left', by: angle('110') }] }))).toMatch(
      /would close|of the straight/,
    );
  });
});

describe('an old bar bent again', () => {
  const via = [{ feature: 'bend-a', at: placeAt(-400, 450, 700) }];
  const stay = (changes: Partial<Bar>): Plan =>
    cageOf(
      bar('b', 'backstay', point(0, 450, 900), point(-800, 450, 200), {
        shape: { kind: 'through', via },
        existing: true,
        ...changes,
      }),
    );
  const again = (moves: 'a' | 'b') => ({ bentAgain: [{ feature: 'bend-a', by: angle('4'), moves }] });

  test.each(['a', 'b'] as const)('the end that swings is %s; the other stays', (moves) => {
    const [before, after] = [tubeOf(stay({}), 'p-b'), tubeOf(stay(again(moves)), 'p-b')];
    const [stays, swings] = moves === 'a' ? [-1, 0] : [0, -1];
    expect(distance(itemAt(after.points, stays), itemAt(before.points, stays))).toBeLessThan(1e-9);
    expect(distance(itemAt(after.points, swings), itemAt(before.points, swings))).toBeGreaterThan(20);
    expect(after.developed).toBeCloseTo(before.developed, 6);
  });
});
