import fc from 'fast-check';
import { check, expectValue } from '../fault/index.ts';
import {
  bendClashes,
  markBlank,
  stickClashes,
  markInput,
  type MarkInput,
  marksOf,
  springbackFrom,
  springbackInput,
} from './index.ts';

const hoop: MarkInput = {
  points: [
    [0, 700, 0],
    [0, 650, 1000],
    [0, -650, 1000],
    [0, -700, 0],
  ],
  clr: 150,
  springback: { model: 'constant', degrees: 5 },
  growRadius: false,
  die: { reference: 'start', offset: 100 },
  clampSide: ['b', 'a'],
  trim: [20, 30],
  datum: 'a',
};
const marked = (changes: Partial<MarkInput> = {}) => expectValue(marksOf({ ...hoop, ...changes }));

test('the mark is the reference moved toward the clamp', () => {
  const toB = marked({ clampSide: 'b' }).bends[0];
  const toA = marked({ clampSide: 'a' }).bends[0];
  expect(toB?.mark).toBeCloseTo((toB?.tangentB ?? 0) + 100, 9);
  expect(toA?.mark).toBeCloseTo((toA?.tangentA ?? 0) - 100, 9);
  const end = marked({ clampSide: 'a', die: { reference: 'end', offset: 0 } }).bends[0];
  expect(end?.mark).toBeCloseTo(end?.tangentB ?? 0, 9);
  const centre = marked({ die: { reference: 'centre', offset: -10 } }).bends[0];
  expect(centre?.mark).toBeCloseTo(((centre?.tangentA ?? 0) + (centre?.tangentB ?? 0)) / 2 - 10, 9);
});

test('all three datums tell of the same marks', () => {
  const [fromA, fromB, fromCentre] = (['a', 'b', 'centre'] as const).map((datum) => marked({ datum }));
  fromA?.bends.forEach((bend, i) => {
    expect(fromB?.bends[i]?.mark).toBeCloseTo((fromA?.blank ?? 0) - bend.mark, 9);
    expect(fromCentre?.bends[i]?.mark).toBeCloseTo(bend.mark - (fromA?.blank ?? 0) / 2, 9);
  });
});

test('a symmetric hoop with equal trims has symmetric marks from the centre', () => {
  const { bends } = marked({ trim: [25, 25], datum: 'centre' });
  expect(bends[0]?.mark).toBeCloseTo(-(bends[1]?.mark ?? 0), 9);
});

test('schools: reading and finished radius', () => {
  const tests = {
    model: 'tests',
    tests: [
      { reading: 50, released: 45 },
      { reading: 90, released: 82 },
    ],
  } as const;
  const [none, constant, share, line] = (
    [
      { model: 'none' },
      { model: 'constant', degrees: 5 },
      { model: 'share', share: 0.05 },
      { ...tests, tests: [...tests.tests] },
    ] as MarkInput['springback'][]
  ).map((springback) => marked({ springback, growRadius: true }).bends[0]);
  const angle = none?.angle ?? 0;
  expect([none?.reading, none?.finishedClr]).toEqual([angle, 150]);
  expect([constant?.reading, constant?.finishedClr]).toEqual([angle + 5, 150]);
  expect(share?.reading).toBeCloseTo(angle * 1.05, 9);
  expect(share?.finishedClr).toBeCloseTo(157.5, 9);
  const b = (82 - 45) / 40;
  expect(line?.reading).toBeCloseTo((angle - (45 - b * 50)) / b, 9);
  expect(line?.finishedClr).toBeCloseTo(150 / b, 9);
});

test('a slope above one never shrinks the radius', () => {
  const springback: MarkInput['springback'] = {
    model: 'tests',
    tests: [
      { reading: 40, released: 34 },
      { reading: 90, released: 86 },
    ],
  };
  expect(marked({ springback, growRadius: true }).bends[0]?.finishedClr).toBe(150);
});

test('the blank is trims, straights and arcs, whatever the school', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 0.2, noNaN: true }), fc.boolean(), (share, growRadius) => {
      const points = hoop.points;
      const { blank, bends } = marked({ springback: { model: 'share', share }, growRadius });
      const [first, second] = bends;
      const leg = Math.hypot(50, 1000);
      const setback = (first?.finishedClr ?? 0) * Math.tan(((first?.angle ?? 0) * Math.PI) / 360);
      expect(points).toHaveLength(4);
      expect(blank).toBeCloseTo(50 + 2 * leg + 1300 - 4 * setback + 2 * (first?.arc ?? 0), 6);
      expect((second?.tangentA ?? 0) - (first?.tangentB ?? 0)).toBeCloseTo(1300 - 2 * setback, 6);
    }),
    { seed: 9 },
  );
});

const faultOf = (input: unknown) => {
  const read = check(markInput, input);
  const result = read.ok ? marksOf(read.value) : read;
  return result.ok ? null : result.fault.path;
};

test.each([
  [{ ...hoop, trim: [-1, 0] }, '/trim/0'],
  [{ ...hoop, trim: [1] }, '/trim'],
  [{ ...hoop, clampSide: ['a'] }, '/clampSide'],
  [{ ...hoop, clampSide: ['a', 'left'] }, '/clampSide/1'],
  [{ ...hoop, clr: undefined }, '/clr'],
  [{ ...hoop, clr: 900 }, '/points/2'],
  [{ ...hoop, datum: 'middle' }, '/datum'],
  [{ ...hoop, growRadius: 'yes' }, '/growRadius'],
  [{ ...hoop, die: { reference: 'start' } }, '/die/offset'],
  [{ ...hoop, die: { reference: 'start', offset: 0, colour: 1 } }, '/die/colour'],
  [{ ...hoop, springback: { model: 'guess' } }, '/springback/model'],
  [{ ...hoop, springback: { model: 'share', share: 5 } }, '/springback/share'],
  [
    { ...hoop, springback: { model: 'tests', tests: [{ reading: 30, released: 35 }] } },
    '/springback/tests/0/released',
  ],
  [
    { ...hoop, springback: { model: 'tests', tests: [{ reading: 50, released: 45, x: 1 }] } },
    '/springback/tests/0/x',
  ],
])('refuses bad input at its field (%#)', (input, path) => {
  expect(faultOf(input)).toBe(path);
});

const springbackFault = (input: unknown) => {
  const read = check(springbackInput, input);
  const result = read.ok ? springbackFrom(read.value) : read;
  return result.ok ? null : [result.fault.code, result.fault.path];
};
const t = (reading: number, released: number) => ({ reading, released });

test.each([
  [{ tests: [], target: 84 }, 'too-small', '/tests'],
  [{ tests: [t(30, 31)], target: 84 }, 'closes-on-release', '/tests/0/released'],
  [{ tests: [t(50, 45), t(50, 44)], target: 84 }, 'one-reading', '/tests'],
  [{ tests: [t(50, 45), t(60, 44)], target: 84 }, 'slope', '/tests'],
  [{ tests: [t(50, 45)], target: 0 }, 'too-small', '/target'],
  [{ tests: [t(50, 45), t(60, 59.9)], target: 90 }, 'reading-below-target', '/target'],
  [{ tests: [t(50, 45)], target: 84, confidence: 0 }, 'too-small', '/confidence'],
  [{ tests: [t(50, 45)], target: 84, confidence: 1 }, 'too-big', '/confidence'],
  [{ tests: [t(50, 45)] }, 'missing', '/target'],
])('springback refuses %j', (input, code, path) => {
  expect(springbackFault(input)).toEqual([code, path]);
});

test('tests on a line give a closed interval, and a wider one for more confidence', () => {
  const exact = expectValue(springbackFrom({ tests: [t(20, 18), t(50, 45), t(90, 81)], target: 60 }));
  expect(exact.released?.[0]).toBeCloseTo(exact.released?.[1] ?? NaN, 6);
  const tests = [t(20, 17.5), t(50, 46), t(90, 85)];
  const wide = (confidence: number) => {
    const [low = 0, high = 0] = expectValue(springbackFrom({ tests, target: 60, confidence })).released ?? [];
    return high - low;
  };
  expect(wide(0.95)).toBeGreaterThan(wide(0.9));
});

test('clashes: what the clamp, the machine, the die and the stick cannot do', () => {
  const tooling = (['b', 'a'] as const).map((clampSide) => ({
    clr: 150,
    die: hoop.die,
    springback: hoop.springback,
    growRadius: false,
    clampSide,
  }));
  const blank = expectValue(markBlank(hoop.points, tooling, [20, 30]));
  const needs = { clampLength: 100, trailing: 100, largestAngle: 90, longestStick: 6000 };
  const clashesOf = ({ longestStick, ...of }: typeof needs) => [
    ...blank.bends.flatMap((bend) => bendClashes(blank, bend, of)),
    ...stickClashes(blank, longestStick),
  ];
  expect(clashesOf(needs)).toEqual([]);
  const codes = (changed: Partial<typeof needs>) =>
    clashesOf({ ...needs, ...changed }).map((clash) => [clash.code, clash.bend]);
  expect(codes({ clampLength: 1100 })).toEqual([
    ['clamp-straight', 1],
    ['clamp-straight', 2],
  ]);
  expect(codes({ trailing: 1000 })).toEqual([
    ['trailing-straight', 1],
    ['trailing-straight', 2],
  ]);
  expect(codes({ largestAngle: 80 })).toEqual([
    ['largest-angle', 1],
    ['largest-angle', 2],
  ]);
  expect(codes({ longestStick: 3000 })).toEqual([['longest-stick', null]]);
  expect(clashesOf({ ...needs, longestStick: blank.blank })).toEqual([]);
});

const refusal = (changes: Partial<MarkInput>) => {
  const found = marksOf({ ...hoop, ...changes });
  return found.ok ? null : found.fault;
};

test('a list that has not one for each PI says how many there are of what', () => {
  expect(refusal({ clampSide: ['b'] })).toEqual({
    code: 'wrong-count',
    path: '/clampSide',
    message: 'the list of clamp sides has 1, the path 2 PIs: give one for each PI',
  });
  expect(refusal({ clr: [150, 150, 150] })).toEqual({
    code: 'wrong-count',
    path: '/clr',
    message: 'the list of radii has 3, the path 2 PIs: give one for each PI',
  });
});

test('a bend wants a radius, a straight tube none', () => {
  const { clr: _, ...withoutRadius } = hoop;
  const missing = marksOf(withoutRadius);
  expect(missing.ok ? null : missing.fault).toEqual({
    code: 'missing',
    path: '/clr',
    message: "missing: give the die's centreline radius in mm",
  });
  const straight: MarkInput = {
    ...withoutRadius,
    points: [hoop.points[0], hoop.points[1]] as never,
    clampSide: 'a',
  };
  const { blank, bends } = expectValue(marksOf(straight));
  expect(bends).toEqual([]);
  // Its length and both trims: Pythagoras.
  expect(blank).toBeCloseTo(Math.hypot(50, 1000) + 20 + 30, 9);
});

test('a path that is none has no marks', () => {
  const there = hoop.points[1];
  expect(refusal({ points: [hoop.points[0], there, there, hoop.points[3]] as never })?.path).toMatch(
    /^\/points/,
  );
});
