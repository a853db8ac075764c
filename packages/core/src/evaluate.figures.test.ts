import { cockpitIn, evaluate, tubesIn } from './evaluate.ts';
import { expectValue } from './fault/index.ts';
import { INCH } from './measure/index.ts';
import { copeOf } from './cope/index.ts';
import { straightAxis } from './centreline/index.ts';
import { type Die, EMPTY_SHOP, type MainHoop, type Plan, readPlan } from './plan/index.ts';
import {
  bar,
  bookOf,
  cageOf,
  choosing,
  deg,
  mm,
  personOf,
  placeAt,
  point,
  stationOn,
} from './testing/index.ts';

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

test('the offset of the notcher’s second pass is how far that header’s axis passes the branch’s, toward its own side', () => {
  const branch = { od: 38.1, wall: 2.4, axis: straightAxis([0, 0, 0], [0, 0, 500]) };
  const along = { od: 44.45, axis: straightAxis([-400, 0, 0], [400, 0, 0]) };
  const second = (x: number) => ({ od: 44.45, axis: straightAxis([x, -400, 8], [x, 400, 8]) });
  const offsetOf = (x: number) =>
    expectValue(copeOf(branch, 'a', [along, second(x)], 180)).passes[1]?.offset ?? 0;
  // Two lines square to each other and level, their plans 7 mm apart.
  expect(Math.abs(offsetOf(7))).toBeCloseTo(7, 6);
  expect(offsetOf(-7)).toBeCloseTo(-offsetOf(7), 6);
  // b × u for u along +y (the header's own direction) and b up is −x: the branch lies 7 mm toward −x of a header at x = 7.
  expect(offsetOf(7)).toBeCloseTo(7, 6);
});

test('the right twin goes the other way across by the bar’s own offset', () => {
  const moved = bar('b', 'backstay', point(-200, 500, 900), point(-700, 450, 200), {
    pair: 'mirrored',
    offset: placeAt(10, 25, 5),
  });
  const [left, right] = tubesIn(evaluate(cageOf(moved), EMPTY_SHOP, [])).filter(
    ({ role }) => role === 'backstay',
  );
  expect(left?.points).toEqual([
    [-190, 525, 905],
    [-690, 475, 205],
  ]);
  expect(right?.points).toEqual([
    [-190, -525, 905],
    [-690, -475, 205],
  ]);
});

test('a tube braces a bend that it meets within 60 mm of the arc’s surface, and not beyond', () => {
  const braced = (from: number) => {
    const stay = bar('b', 'backstay', point(0, 0, 800), point(-800, 0, 0), {
      shape: { kind: 'through', via: [{ feature: 'over-arch', at: placeAt(0, 0, 0) }] },
    });
    // Its first leg is upright: the arc of three diameters starts 152.4 mm above the corner.
    const brace = bar(
      's',
      'strut',
      point(300, 0, 152.4 + from),
      stationOn('m-b', 'end-a', 800 - 152.4 - from),
    );
    return !evaluate(cageOf(stay, brace), EMPTY_SHOP, []).findings.some(
      ({ code }) => code === 'unbraced-bend',
    );
  };
  // 60 mm and half of a tube of 2 in.
  expect([braced(60 + 25.4 - 1), braced(60 + 25.4 + 1)]).toEqual([true, false]);
});

test('stretches to pad that leave less than 50 mm between them are padded as one', () => {
  const head = (id: string, y: number) => ({
    ...personOf(id),
    helmetTop: placeAt(0, y, 1140),
  });
  /** A level rail at 1000 mm, 150 mm ahead of two helmets' middles, `apart` from each other. */
  const stretches = (apart: number) => {
    const plan: Plan = {
      ...cageOf(bar('r', 'frame-tube', point(200, 900, 1000), point(200, -900, 1000))),
      occupants: [head('o', apart / 2), head('p', -apart / 2)],
    };
    return cockpitIn(plan, evaluate(plan, EMPTY_SHOP, [])).padding.filter(({ stamp }) => stamp === 'R')
      .length;
  };
  // A ball of 140 mm that is thrown 150 mm reaches the surface of 2 in tube 200 mm away over ±√((140 + 150 + 25.4)² − 200²).
  const half = Math.sqrt((140 + 150 + 25.4) ** 2 - 200 ** 2);
  expect([stretches(2 * half + 48), stretches(2 * half + 52)]).toEqual([1, 2]);
});

test('a sloping door bar is thicker upright: its OD over the cosine of its slope', () => {
  const plan: Plan = {
    ...cageOf(
      bar('d', 'door-bar', point(0, 600, 200), point(1000, 600, 700)),
      bar('r', 'frame-tube', point(-200, 600, 1100), point(1200, 600, 1100)),
    ),
  };
  const [entry] = cockpitIn(plan, evaluate(plan, EMPTY_SHOP, [])).entries;
  // Half a 2 in tube off the rail's axis, and off the bar's by 25.4/cos(atan 1/2) upright.
  const bars = 200 + 0.5 * (entry?.at ?? 0) + 25.4 * Math.hypot(1, 0.5);
  expect(entry?.height).toBeCloseTo(1100 - 25.4 - bars, 6);
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

test('“over a weight” begins above it: a car of just that weight is not over', () => {
  const kilograms = (kg: number) => ({ kg, typed: `${kg} kg` });
  const book = bookOf({ kind: 'ask', question: 'Is it?' }, 'main-hoop');
  const heavy = {
    ...book,
    rules: book.rules.map((rule) => ({
      ...rule,
      when: { roof: null, over: kilograms(1000), upTo: kilograms(1200), builtFrom: null, builtTo: null },
    })),
  };
  const holds = (kg: number) => {
    const plan = choosing(cageOf(), heavy);
    const weighed = { ...plan, brief: { ...plan.brief, carWeight: kilograms(kg) } };
    return evaluate(weighed, EMPTY_SHOP, [heavy]).findings.some(({ rule }) => rule !== null);
  };
  expect([1000, 1000.001, 1200, 1200.001].map(holds)).toEqual([false, true, true, false]);
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
