import fc from 'fast-check';
import { evaluate } from '../../evaluate.ts';
import { hoopAnswerOf } from '../../evaluation.ts';
import { takeOff } from '../../bending/index.ts';
import { expectValue } from '../../fault/index.ts';
import {
  type Die,
  type HoopWay,
  type HoopWayOf,
  type MainHoop,
  type Plan,
  type TakeOffRow,
} from '../../plan/index.ts';
import { distance } from '../../space/index.ts';
import { angle, inch, LEANING_CAR, planWith } from '../../testing/index.ts';
import { hoopPlan, shop } from '../../testing/twoInchShop.ts';
import { bendRoomOf, besideSurvey, hoopFrom, type HoopGeometry, takenOff, wayFrom } from '../index.ts';

const IN = 25.4;
const hoopIn = (plan: Plan): MainHoop => plan.members[0] as MainHoop;
const withHoop = (plan: Plan, changes: Partial<MainHoop>): Plan => ({
  ...plan,
  members: [{ ...hoopIn(plan), ...changes }],
});
const roomIn = (plan: Plan) => bendRoomOf(hoopIn(plan), plan.dies);
const saidOf = (plan: Plan) => {
  const result = hoopFrom(plan.survey, hoopIn(plan), plan.measuringError, roomIn(plan));
  return 'none' in result && result.none.why === 'impossible' ? result.none.fault.message : null;
};
function built(plan: Plan): HoopGeometry {
  const result = hoopFrom(plan.survey, hoopIn(plan), plan.measuringError, roomIn(plan));
  if ('none' in result) throw new Error(JSON.stringify(result.none));
  return result.hoop;
}
const farthest = (a: HoopGeometry, b: HoopGeometry) =>
  Math.max(...a.points.map((point, i) => distance(point, b.points[i] ?? [Infinity, 0, 0])));

const row = (straight: string, bend: string, takes: string | null = null): TakeOffRow => ({
  straight: inch(straight),
  turn: { kind: 'degrees', angle: angle('0') },
  angle: angle(bend),
  takes: takes === null ? null : inch(takes),
});

/** Mark to bend 4 1/2 in; the end of the bend itself is marked. */
const SAMPLE = { before: inch('4 1/2'), after: inch('0'), takenFrom: 'far-mark' } as const;
const HALF = { rows: [row('9', '54', '6 3/4'), row('5 1/4', '32', '4 1/8')], tail: inch('16 7/8') };
const BY_SAMPLE: HoopWay = { kind: 'take-off', sample: SAMPLE, left: HALF, right: null };

describe('by sample bends [a hoop of four bends as builders take it off; common practice]', () => {
  const measured = (degrees: string, tube: string) => ({ angle: angle(degrees), tube: inch(tube) });
  const die: Die = {
    ...(hoopPlan().dies[0] as Die),
    takes: [measured('32', '4 1/8'), measured('54', '6 3/4')],
  };
  const plan = withHoop(hoopPlan({ trimA: inch('0'), trimB: inch('0') }, die), { way: BY_SAMPLE });

  test('51 in a side: 25 1/2 to the second mark; a blank of 102 in', () => {
    const { lines } = expectValue(
      takenOff({ sample: SAMPLE, ...HALF }, ['crown-left', 'knee-left'], roomIn(plan)),
    );
    expect(lines.map((line) => ('length' in line ? line.length / IN : line.angle))).toEqual([
      13.5, 54, 9.75, 32, 16.875,
    ]);
    const steps = takeOff(lines);
    // The second mark lies 4 1/2 in before the second bend starts.
    expect((steps[2]?.total ?? 0) / IN - 4.5).toBeCloseTo(25.5, 9);
    expect((steps.at(-1)?.total ?? 0) / IN).toBeCloseTo(51, 9);
    expect((hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.blank ?? 0) / IN).toBeCloseTo(102, 6);
  });

  test('from near mark to near mark it is the same hoop: 9, then 16 1/2 round the first bend', () => {
    // 4 1/2 to the bend, 6 3/4 in it, 5 1/4 after it; the floor lies 4 1/2 + 4 1/8 + 16 7/8 from the second mark.
    const near = { rows: [row('9', '54', '6 3/4'), row('16 1/2', '32', '4 1/8')], tail: inch('25 1/2') };
    const way: HoopWay = { ...BY_SAMPLE, sample: { ...SAMPLE, takenFrom: 'near-mark' }, left: near };
    expect(farthest(built(withHoop(plan, { way })), built(plan))).toBeLessThan(1e-9);
  });

  test('without a die its bends have the radius that the sample’s tube says', () => {
    const bare = withHoop(planWith({}), { way: BY_SAMPLE });
    const answer = hoopAnswerOf(evaluate(bare, shop, []));
    expect((answer?.tube?.developed ?? 0) / IN).toBeCloseTo(102, 6);
    expect(answer?.tube?.radiusTaken).toBeNull();
  });

  test('a mark that falls into the bend before it says so, in the reader’s words', () => {
    const left = { rows: [row('9', '54', '6 3/4'), row('5', '32', '4 1/8')], tail: inch('25 1/2') };
    const way: HoopWay = { ...BY_SAMPLE, sample: { ...SAMPLE, takenFrom: 'near-mark' }, left };
    expect(saidOf(withHoop(plan, { way }))).toBe(
      'the mark of bend 2 comes out 44 mm within bend 1: check the distance, and which mark it is taken from',
    );
    const none: HoopWay = { ...BY_SAMPLE, left: { rows: [], tail: inch('50') } };
    expect(saidOf(withHoop(plan, { way: none }))).toContain('has no bend');
  });

  test('halves that differ: the longer leg stands, and the crown is level', () => {
    const right = { ...HALF, tail: inch('15 7/8') };
    const { points } = built(withHoop(plan, { way: { ...BY_SAMPLE, right } }));
    const heights = points.map(([, , z]) => z);
    expect(heights[0]).toBeCloseTo(0, 9);
    expect(heights[5]).toBeGreaterThan(20);
    expect(heights[2]).toBeCloseTo(heights[3] ?? 0, 9);
    const found = (of: HoopWay) =>
      evaluate(withHoop(plan, { way: of }), shop, []).findings.filter(({ code }) => code === 'foot-off');
    expect(found({ ...BY_SAMPLE, right })).toMatchObject([
      { status: 'look', facts: { side: { text: 'right' } } },
    ]);
    expect(found(BY_SAMPLE)).toEqual([]);
  });

  test('a leg across the middle, and one that goes up, are no hoop', () => {
    const over: HoopWay = {
      ...BY_SAMPLE,
      left: { rows: [row('9', '150'), row('30', '20')], tail: inch('20') },
    };
    expect(saidOf(withHoop(plan, { way: over }))).toContain('across the middle');
    const turned: TakeOffRow = {
      ...row('5', '170'),
      turn: { kind: 'degrees', angle: angle('180') },
    };
    const up: HoopWay = {
      ...BY_SAMPLE,
      sample: null,
      left: { rows: [row('20', '90'), turned], tail: inch('40') },
    };
    expect(saidOf(withHoop(plan, { way: up }))).toContain('no lower than the crown');
  });
});

describe('a turn as two lines along the tube', () => {
  const room = { ...roomIn(planWith({})), od: 1.5 * IN };
  const turned = (toward: 'left' | 'right') =>
    expectValue(
      takenOff(
        {
          sample: null,
          rows: [
            row('20', '35'),
            { ...row('27.5', '58'), turn: { kind: 'lines', round: inch('5/16'), toward } },
          ],
          tail: inch('24'),
        },
        ['bend-one', 'bend-two'],
        room,
      ),
    );

  test('a pillar bar: straight 20, 35°; 27.5, turned 23.9°, 58°; 24 – 5/16 in round a 1 1/2 in tube [common practice]', () => {
    const { bends, tail } = turned('right');
    expect(bends.map(({ length, angle }) => [length / IN, angle])).toEqual([
      [20, 35],
      [27.5, 58],
    ]);
    expect(bends[1]?.rotation).toBeCloseTo(23.9, 1);
    expect(tail / IN).toBeCloseTo(24, 9);
  });

  test('the side counts: to the left it turns the other way', () => {
    expect(turned('left').bends[1]?.rotation).toBeCloseTo(-(turned('right').bends[1]?.rotation ?? 0), 12);
  });
});

describe('every way in gives the same hoop when it is fed with the figures of another', () => {
  const KINDS = ['figures', 'take-off', 'taped'] as const;
  const mm = (value: number) => ({ mm: value, typed: `${value}` });
  const cars = fc.record({
    floor: fc.integer({ min: 620, max: 800 }),
    differs: fc.integer({ min: -25, max: 25 }),
    lean: fc.integer({ min: 0, max: 60 }),
    roof: fc.integer({ min: 60, max: 200 }),
    headliner: fc.integer({ min: 1000, max: 1300 }),
    tilt: fc.integer({ min: -4, max: 12 }),
    unit: fc.constantFrom('in' as const, 'mm' as const),
    four: fc.boolean(),
  });

  test('survey → each way → hoop, and on to each other way: within 0.01 mm', () => {
    fc.assert(
      fc.property(cars, ({ floor, differs, lean, roof, headliner, tilt, unit, four }) => {
        const base = hoopPlan();
        const measures = {
          ...base.survey.measures,
          halfWidthFloorLeft: mm(floor),
          halfWidthFloorRight: mm(floor + differs),
          leanHeight: mm(480),
          halfWidthLeanLeft: mm(floor - lean),
          halfWidthLeanRight: mm(floor - lean + differs),
          halfWidthRoofLeft: mm(floor - roof),
          halfWidthRoofRight: mm(floor - roof + differs),
          headlinerCentre: mm(headliner),
          pillarTilt: { deg: tilt, typed: `${tilt}` },
        };
        const surveyed = withHoop(
          { ...base, survey: { ...base.survey, measures } },
          { sides: 'each', shape: four && lean > 0 ? 'four-bend' : 'two-bend' },
        );
        const first = built(surveyed);
        for (const one of KINDS) {
          const way = wayFrom(one, first, roomIn(surveyed), unit);
          const second = built(withHoop(surveyed, { way }));
          expect(second.features).toEqual(first.features);
          expect(farthest(first, second)).toBeLessThan(0.01);
          for (const other of KINDS) {
            const third = built(withHoop(surveyed, { way: wayFrom(other, second, roomIn(surveyed), unit) }));
            expect(farthest(second, third)).toBeLessThan(0.01);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  test('a twisted half goes through a list of its own, left and right', () => {
    const twisted = (deg: string): HoopWayOf<'take-off'>['left'] => ({
      rows: [row('20', '80'), { ...row('15', '12'), turn: { kind: 'degrees', angle: angle(deg) } }],
      tail: inch('20'),
    });
    for (const right of [null, twisted('-35'), twisted('10')]) {
      const plan = withHoop(hoopPlan(), {
        way: { kind: 'take-off', sample: null, left: twisted('25'), right },
      });
      const first = built(plan);
      const again = wayFrom('take-off', first, roomIn(plan), 'mm');
      expect(farthest(first, built(withHoop(plan, { way: again })))).toBeLessThan(0.01);
    }
  });

  test('a hoop of more bends than a survey asks for: its features are named from the crown down', () => {
    const leg = (length: string, lean: string) => ({ length: inch(length), lean: angle(lean) });
    const way: HoopWay = {
      kind: 'figures',
      crown: inch('42'),
      aside: inch('0'),
      left: [leg('9', '30'), leg('14', '12'), leg('20', '2')],
      right: null,
    };
    const plan = withHoop(hoopPlan(), { way });
    const hoop = built(plan);
    expect(hoop.features).toEqual([
      'knee-two-left',
      'knee-left',
      'crown-left',
      'crown-right',
      'knee-right',
      'knee-two-right',
    ]);
    expect(hoop.figures.bends.map(({ angle: { value } }) => value)).toEqual(
      [10, 18, 60, 60, 18, 10].map((deg) => expect.closeTo(deg, 9) as number),
    );
    const sheet = hoopAnswerOf(evaluate(plan, shop, []))?.sheet;
    sheet?.bends.forEach(({ angle: bent }, i) =>
      expect(bent).toBeCloseTo(hoop.figures.bends[i]?.angle.value ?? 0, 9),
    );
    const taped = wayFrom('taped', hoop, roomIn(plan), 'in');
    expect(farthest(hoop, built(withHoop(plan, { way: taped })))).toBeLessThan(0.01);
  });
});

describe('a hoop that stands in the car', () => {
  const taped: HoopWay = {
    kind: 'taped',
    top: inch('42'),
    stations: [
      { height: inch('0'), width: inch('56'), left: null },
      { height: inch('30'), width: inch('56'), left: null },
    ],
  };

  test('upright legs taped outside to outside: half the tube comes off each side, and off the height', () => {
    const hoop = built(withHoop(planWith({}), { way: taped }));
    // 2 in tube: 56 − 2, 42 − 1.
    for (const { value } of [hoop.figures.feetApart, hoop.figures.cornersApart])
      expect(value / IN).toBeCloseTo(54, 9);
    expect(hoop.figures.crownHeight.value / IN).toBeCloseTo(41, 9);
    expect(hoop.figures.totalHeight.value / IN).toBeCloseTo(42, 9);
  });

  test('a slanting leg takes more of a level width; a foot that was taped higher up is drawn down to the floor', () => {
    const slanting = {
      ...taped,
      stations: [{ ...taped.stations[0]!, height: inch('2'), width: inch('57') }, taped.stations[1]!],
    };
    const hoop = built(withHoop(planWith({}), { way: slanting }));
    const lean = Math.atan2(0.5, 28);
    expect(hoop.figures.feetApart.value / IN).toBeCloseTo(57 + 2 / 28 - 2 / Math.cos(lean), 6);
    expect(hoop.points[0]?.[2]).toBeCloseTo(0, 9);
  });

  test('an existing hoop stands and is nowhere marked out; cut, it comes down by what is cut', () => {
    const plan = withHoop(hoopPlan(), { way: taped, existing: true });
    const answer = hoopAnswerOf(evaluate(plan, shop, []));
    expect([answer?.tube?.stamp, answer?.sheet]).toEqual(['MH', null]);
    expect(evaluate(plan, shop, []).totals.metres).toBe(0);
    const cut = withHoop(plan, { cut: { a: inch('2'), b: inch('2') } });
    expect(built(cut).figures.crownHeight.value / IN).toBeCloseTo(39, 9);
    const raised = withHoop(cut, { footLift: inch('3') });
    expect(built(raised).figures.crownHeight.value / IN).toBeCloseTo(42, 9);
    expect(saidOf(withHoop(plan, { cut: { a: inch('60'), b: inch('0') } }))).toContain(
      'cannot be cut back by',
    );
  });

  test('widths in the wrong order, and a crown below them, are told', () => {
    const [feet, belt] = taped.stations as [never, never];
    expect(saidOf(withHoop(planWith({}), { way: { ...taped, stations: [belt, feet] } }))).toContain(
      'from the feet up',
    );
    expect(saidOf(withHoop(planWith({}), { way: { ...taped, top: inch('30') } }))).toContain(
      'below the highest width',
    );
  });
});

test('beside the survey it says by how much it differs; gaps are to the walls as measured', () => {
  const plan = hoopPlan();
  const figures = wayFrom('figures', built(plan), roomIn(plan), 'in') as HoopWayOf<'figures'>;
  const wider = withHoop(plan, { way: { ...figures, crown: inch('51') } });
  const own = built(wider);
  const beside = besideSurvey(own, plan.survey, hoopIn(plan), plan.measuringError, roomIn(plan));
  expect(
    'why' in beside
      ? beside
      : beside.map(({ what, own, surveyed }) => [
          what,
          Math.round(((own - surveyed) / IN) * 1000) / 1000 + 0,
        ]),
  ).toEqual([
    ['crown-height', 0],
    ['feet', 1],
    ['corners', 1],
  ]);
  const gap = (of: Plan) =>
    hoopAnswerOf(evaluate(of, shop, []))?.gaps.find(({ place, side }) => place === 'floor' && side === 'left')
      ?.gap;
  expect((gap(plan) ?? 0) - (gap(wider) ?? 0)).toBeCloseTo(0.5 * IN * Math.cos(Math.atan2(3.25, 40)), 1);
  const nothing = besideSurvey(own, planWith({}).survey, hoopIn(plan), plan.measuringError, roomIn(plan));
  expect(nothing).toMatchObject({ why: 'missing' });
});

test('without a measured body there are no gaps, and none is said to be clear', () => {
  const plan = withHoop(planWith({}), { way: BY_SAMPLE });
  expect(built(plan).body).toBeNull();
  expect(hoopAnswerOf(evaluate(plan, shop, []))?.gaps).toEqual([]);
  expect(
    hoopAnswerOf(evaluate({ ...plan, survey: planWith(LEANING_CAR).survey }, shop, []))?.gaps.length,
  ).toBeGreaterThan(4);
});
