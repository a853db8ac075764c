import { evaluate, harnessIn } from '../../evaluate.ts';
import { pieceAnswerOf, standingIn } from '../../evaluation.ts';
import { type Bar, EMPTY_SHOP, newOccupant, type Plan } from '../../plan/index.ts';
import { deg, inch, mm, placeAt, planWith, plateOf, point } from '../../testing/index.ts';
import { die } from '../../testing/twoInchShop.ts';
import { proposeBar, recommendedRole, waysOf } from '../index.ts';

const IN = 25.4;

/** A job without a main hoop, and a die for its tube. */
const bare = (): Plan => {
  const plan = planWith({});
  return { ...plan, brief: { ...plan.brief, built: 'harness-bar' }, dies: [die], members: [], fitOrder: [] };
};

function proposed(way: string): Bar {
  let serial = 0;
  const plan = bare();
  const found = proposeBar(
    plan,
    standingIn(evaluate(plan, EMPTY_SHOP, [])),
    'harness-bar',
    way,
    () => `n${(serial += 1)}`,
  );
  if (!('bars' in found)) throw new Error(JSON.stringify(found));
  return found.bars[0]!;
}

/** The plan with the bar in it, bent on that die, its middle the hook of the tape. */
const withBar = (bar: Bar, changes: Partial<Bar> = {}): Plan => ({
  ...bare(),
  members: [
    {
      ...bar,
      bending: { ...bar.bending, die: die.id, datum: 'a', trimA: mm(0), trimB: mm(0) },
      ...changes,
    },
  ],
  fitOrder: bar.pieces.map(({ id }) => id),
});
const answerOf = (plan: Plan, bar: Bar) => {
  const found = pieceAnswerOf(evaluate(plan, EMPTY_SHOP, []), bar.pieces[0]!.id)?.answer;
  if (!found?.tube) throw new Error('it stands');
  return { tube: found.tube, sheet: found.sheet };
};

test('a job of one bar asks for the bar first, and for no hoop', () => {
  expect(waysOf('harness-bar', false).every((way) => way.startsWith('between two places'))).toBe(true);
  expect(waysOf('harness-bar')).toContain('behind the hoop');
  expect(recommendedRole(bare())).toBe('harness-bar');
  expect(evaluate(bare(), EMPTY_SHOP, []).findings.map(({ code }) => code)).not.toContain('measures-missing');
});

test.each([
  ['between two places', 0, []],
  ['between two places, ends bent', 2, [45, 45]],
  ['between two places, ends square', 2, [90, 90]],
])('%s: %i bends, and both ends stand where they should', (way, bends, angles) => {
  const bar = proposed(way);
  const { tube, sheet } = answerOf(withBar(bar), bar);
  expect(sheet?.bends).toHaveLength(bends);
  expect(sheet?.bends.map(({ angle }) => angle)).toEqual(
    angles.map((one) => expect.closeTo(one, 6) as number),
  );
  expect([tube.points[0], tube.points.at(-1)]).toEqual([
    [0, 620, 650],
    [0, -620, 650],
  ]);
});

// 60 in of tube, its bends start 17 1/4 in from the centre; 34 1/2 in between them [handbook §7; common practice].
test('60 in of tube with bends that start 17 1/4 from its centre', () => {
  const turn = Math.PI / 4;
  // Half of it: 17 1/4 straight, the arc, and what is left of 30 in to the end.
  const end = 30 - 17.25 - 6 * turn;
  const half = (17.25 + 6 * Math.SQRT1_2 + end * Math.SQRT1_2) * IN;
  const bar = proposed('between two places, ends bent');
  const plan = withBar(bar, {
    ends: {
      a: point(0, half, 650),
      b: point(0, -half, 650),
    },
    shape: { kind: 'bow', towards: 'up', rise: null, angle: deg(45), flat: inch('34 1/2') },
  });
  const { sheet } = answerOf(plan, bar);
  expect((sheet?.blank ?? 0) / IN).toBeCloseTo(60, 6);
  // Along the axis: the straight end, the arc, and the middle.
  const arc = 6 * turn;
  const { tube } = answerOf(plan, bar);
  expect(tube.axis.map(({ length }) => length / IN)).toEqual(
    [end, arc, 34.5, arc, end].map((one) => expect.closeTo(one, 6) as number),
  );
  expect(30 - end - arc).toBeCloseTo(17.25, 9);
});

test('straps, plates and struts hang on it as on any bar', () => {
  const bar = proposed('between two places');
  const driver = {
    ...newOccupant('o'),
    shoulder: placeAt(350, 300, 640),
    slots: [mm(560)],
    helmetTop: placeAt(330, 300, 980),
  };
  const plan: Plan = {
    ...withBar(bar),
    occupants: [driver],
    plates: [plateOf({ id: 'p1', stamp: 'P1', under: { member: bar.id, end: 'a' } })],
  };
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  expect(harnessIn(plan, evaluation, [])).toHaveLength(1);
  expect(evaluation.plates[0]).toMatchObject({ foot: bar.pieces[0]!.stamp, at: [0, 620, 650] });
  let serial = 50;
  const strut = proposeBar(plan, standingIn(evaluation), 'strut', '', () => `s${(serial += 1)}`);
  expect('bars' in strut && strut.bars[0]?.ends.a).toMatchObject({ kind: 'station', on: { member: bar.id } });
});
