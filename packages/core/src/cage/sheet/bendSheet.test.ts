import { evaluate } from '../../evaluate.ts';
import { expectValue } from '../../fault/index.ts';
import { INCH } from '../../measure/index.ts';
import { type Die, EMPTY_SHOP, type MainHoop, type Plan, readPlan } from '../../plan/index.ts';
import { bar, bookOf, cageOf, choosing, deg, mm, placeAt, point } from '../../testing/index.ts';

/** Figures that a fabricator sets by, each held against something outside the formula that makes it. */

const die = (changes: Partial<Die> = {}): Die => ({
  id: 'die',
  machine: 'm',
  name: 'd',
  od: mm(1.5 * INCH),
  clr: mm(114.3),
  reference: 'start',
  offset: mm(0),
  clampLength: mm(0),
  trailing: mm(0),
  largestAngle: null,
  finishedRadius: null,
  dialStep: null,
  dialZero: null,
  takes: [],
  tests: [],
  ...changes,
});

const hoopTube = (cageOf().members[0] as MainHoop).tube;

const bent = (points: [number, number, number][], changes: Partial<Die> = {}, trim = 0): Plan => {
  const [a, ...more] = points;
  const [b] = more.splice(-1);
  const one = bar(
    't',
    'frame-tube',
    point(...(a as [number, number, number])),
    point(...(b as [number, number, number])),
    {
      tube: { ...hoopTube, od: mm(1.5 * INCH) },
      shape: {
        kind: 'through',
        via: more.map((at, i) => ({ feature: `bend-${'abc'[i]}`, at: placeAt(...at) })),
      },
    },
  );
  const plan = cageOf();
  return expectValue(
    readPlan({
      ...plan,
      dies: [die(changes)],
      members: [{ ...one, bending: { ...one.bending, die: 'die', trimA: mm(trim), trimB: mm(trim) } }],
      fitOrder: [],
    }),
  );
};

const sheetOf = (plan: Plan) => {
  const sheet = evaluate(plan, EMPTY_SHOP, []).members[0]?.pieces[0]?.sheet;
  if (!sheet) throw new Error('it has marks');
  return sheet;
};

test('tape round the tube: 5/16 in on 1 1/2 in tube is a turn of 23.9° [handbook §4, worked check]', () => {
  const turn = (23.873 * Math.PI) / 180;
  // Second bend's plane turned out of the first's by the angle: its last leg leaves at that turn from straight back.
  const turned = bent([
    [0, 0, 0],
    [500, 0, 0],
    [500, 500, 0],
    [500 + 400 * Math.cos(Math.PI - turn), 500, 400 * Math.sin(Math.PI - turn)],
  ]);
  const round = Math.abs(sheetOf(turned).steps[1]?.turnOnSurface ?? 0) / INCH;
  // Either way round the tube is half its circumference, 3π/4 in: the line lies 5/16 in from the first bend's, or from opposite it.
  expect(Math.min(round, (1.5 * Math.PI) / 2 - round)).toBeCloseTo(5 / 16, 3);
});

test('the swing of the free end is what a tape finds from the clamped end to the bend’s tangent', () => {
  // 600 to the corner, less the setback of a right angle (its radius), and the trim beyond the end.
  const plan = bent(
    [
      [0, 0, 0],
      [600, 0, 0],
      [600, 900, 0],
    ],
    {},
    30,
  );
  const one = plan.members[0];
  if (!one) throw new Error('one tube');
  const clamped = (side: 'a' | 'b'): Plan => ({
    ...plan,
    members: [{ ...one, bending: { ...one.bending, clampSideAt: { 'bend-a': side } } }],
  });
  expect(sheetOf(clamped('a')).steps[0]?.swing).toBeCloseTo(600 - 114.3 + 30, 6);
  expect(sheetOf(clamped('b')).steps[0]?.swing).toBeCloseTo(900 - 114.3 + 30, 6);
});

test('the straight behind a bend may be just what the machine needs, and not less', () => {
  const behind = 600 - 114.3;
  const codes = (trailing: number) =>
    sheetOf(
      bent(
        [
          [0, 0, 0],
          [600, 0, 0],
          [600, 600, 0],
        ],
        { trailing: mm(trailing) },
      ),
    ).clashes.map(({ code }) => code);
  expect([codes(behind), codes(behind + 0.01)]).toEqual([[], ['trailing-straight']]);
});

test('the clamp goes to the other side where only that has its straight, and just enough is enough', () => {
  // Two bends 300 apart between corners: 71.4 mm of straight in the middle; both are clamped from there unless it is too short.
  const sides = (clampLength: number) =>
    sheetOf(
      bent(
        [
          [0, 0, 0],
          [600, 0, 0],
          [600, 300, 0],
          [0, 300, 0],
        ],
        { clampLength: mm(clampLength) },
      ),
    ).bends.map(({ clampSide }) => clampSide);
  expect(sides(300 - 2 * 114.3)).toEqual(['b', 'a']);
  expect(sides(300 - 2 * 114.3 + 0.01)).toEqual(['a', 'b']);
  // Where neither has it, the usual side is kept and told.
  expect(sides(600)).toEqual(['b', 'a']);
});

test('before a die is chosen bends are counted by the path, and the radius that lengths go by is said', () => {
  const evaluation = evaluate(cageOf(), EMPTY_SHOP, []);
  const hoop = evaluation.members[0]?.pieces[0]?.tube;
  expect(evaluation.totals.bends).toBe(hoop?.features.length);
  expect(evaluation.totals.bends).toBeGreaterThan(0);
  // Three diameters of 2 in tube.
  expect(hoop?.radiusTaken).toBeCloseTo(6 * INCH, 9);
  expect(evaluation.findings.find(({ code }) => code === 'no-die')).toMatchObject({
    measured: { mm: 6 * INCH },
  });
  const book = bookOf({ kind: 'bends', most: 1, largestAngle: deg(20) }, 'main-hoop');
  const ruled = evaluate(choosing(cageOf(), book), EMPTY_SHOP, [book]).findings.filter(({ rule }) => rule);
  expect(ruled.map(({ code, status }) => [code, status])).toEqual([
    ['bend-count', 'out'],
    ['bend-angle', 'out'],
  ]);
});
