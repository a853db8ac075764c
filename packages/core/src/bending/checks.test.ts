import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { arcOf } from '../centreline/index.ts';
import {
  elasticShare,
  finishedRadius,
  tapeOnRadius,
  type MarkInput,
  marksOf,
  springbackFrom,
  takeOff,
} from './index.ts';

/** Worked figures of the trade and formulas, with the source beside each. Inches are exact. */
const IN = 25.4;

/** A hoop in the x–y plane with legs of `leg` to the PI, `crown` between PIs and equal bends. Inches. */
function hoop(leg: number, crown: number, bend: number): MarkInput['points'] {
  const angle = (bend * Math.PI) / 180;
  const corner: [number, number, number] = [0, 0, 0];
  const footA = [-leg * Math.cos(angle), -leg * Math.sin(angle), 0];
  const footB = [crown + leg * Math.cos(angle), -leg * Math.sin(angle), 0];
  return [footA, corner, [crown, 0, 0], footB].map(([x = 0, y = 0, z = 0]) => [x * IN, y * IN, z * IN]);
}

const base: Omit<MarkInput, 'points'> = {
  clr: 6 * IN,
  springback: { model: 'none' },
  growRadius: false,
  die: { reference: 'start', offset: 0 },
  clampSide: 'a',
  trim: [IN, IN],
  datum: 'a',
};
const marks = (input: MarkInput) => {
  const { blank, bends } = expectValue(marksOf(input));
  return { blank: blank / IN, starts: bends.map((bend) => bend.tangentA / IN) };
};

test('a hoop of 41, 50, 41 in with two bends of 84° on 6 in: 36.60, 84.59, blank 129.98 in [handbook §4, common practice]', () => {
  const { blank, starts } = marks({ ...base, points: hoop(41, 50, 84) });
  expect(starts[0]).toBeCloseTo(36.6, 2);
  expect(starts[1]).toBeCloseTo(84.59, 2);
  expect(blank).toBeCloseTo(129.98, 2);
});

test('the same with a radius grown by 4.5/84: 36.31, 84.19, blank 129.77 in [handbook §5, definition]', () => {
  const { blank, starts } = marks({
    ...base,
    points: hoop(41, 50, 84),
    springback: { model: 'share', share: 4.5 / 84 },
    growRadius: true,
  });
  expect(starts[0]).toBeCloseTo(36.31, 2);
  expect(starts[1]).toBeCloseTo(84.19, 2);
  expect(blank).toBeCloseTo(129.77, 2);
});

test('another car: legs 40.132, 50 between, 85.355°: 35.600, 83.474, blank 128.01 in [handbook §4]', () => {
  const lean = (Math.atan2(3.25, 40) * 180) / Math.PI;
  expect(lean).toBeCloseTo(4.645, 3);
  const { blank, starts } = marks({ ...base, points: hoop(Math.hypot(40, 3.25), 50, 90 - lean) });
  expect(starts[0]).toBeCloseTo(35.6, 3);
  // The handbook rounds on the way, to a thousandth.
  expect(Math.abs((starts[1] ?? 0) - 83.474)).toBeLessThan(0.001);
  expect(blank).toBeCloseTo(128.01, 2);
});

test('one test 35 → 30 is taken as a constant for 84°: 89, as a share would order 98 [handbook §5, common practice]', () => {
  const fit = expectValue(springbackFrom({ tests: [{ reading: 35, released: 30 }], target: 84 }));
  expect(fit).toMatchObject({ model: 'constant', reading: 89, released: null, tests: 1 });
  expect(84 / (30 / 35)).toBeCloseTo(98, 9);
});

test('below the test the share asks for less and is taken', () => {
  const fit = expectValue(springbackFrom({ tests: [{ reading: 35, released: 30 }], target: 15 }));
  expect(fit).toMatchObject({ model: 'share', a: 0, reading: expect.closeTo(17.5, 9) as number });
});

test('least squares and the prediction interval by a textbook example', () => {
  // Montgomery & Runger, Applied Statistics: the normal equations by hand on five points; t(0.95; 3) = 2.3534 [tables of t]
  const tests = [
    { reading: 20, released: 17.5 },
    { reading: 35, released: 32 },
    { reading: 50, released: 46.5 },
    { reading: 75, released: 71 },
    { reading: 90, released: 85.5 },
  ];
  const n = tests.length;
  const sum = (pick: (t: (typeof tests)[number]) => number) => tests.reduce((total, t) => total + pick(t), 0);
  const sxx = sum((t) => t.reading ** 2) - sum((t) => t.reading) ** 2 / n;
  const sxy = sum((t) => t.reading * t.released) - (sum((t) => t.reading) * sum((t) => t.released)) / n;
  const b = sxy / sxx;
  const a = sum((t) => t.released) / n - (b * sum((t) => t.reading)) / n;
  const fit = expectValue(springbackFrom({ tests, target: 60 }));
  expect(fit.b).toBeCloseTo(b, 12);
  expect(fit.a).toBeCloseTo(a, 9);
  const s = Math.sqrt(sum((t) => (t.released - a - b * t.reading) ** 2) / (n - 2));
  const half = 2.35336 * s * Math.sqrt(1 + 1 / n + (fit.reading - sum((t) => t.reading) / n) ** 2 / sxx);
  expect(fit.released?.[0]).toBeCloseTo(60 - half, 5);
  expect(fit.released?.[1]).toBeCloseTo(60 + half, 5);
});

test('theory: about 1.6° on 84° for 2 × 0.095 in at 480 N/mm² on 6 in [handbook §5]', () => {
  const share = elasticShare({ od: 2 * IN, wall: 0.095 * IN }, 480, 6 * IN);
  expect((84 * share) / (1 - share)).toBeCloseTo(1.6, 1);
});

test('theory is the beam formula it comes from: M = σy·Zp, recovered turn of an arc M·L/(E·I) [strength of materials]', () => {
  const [od, wall, clr, yieldStrength] = [45, 2.5, 135, 400];
  const d = od - 2 * wall;
  const moment = yieldStrength * ((od ** 3 - d ** 3) / 6);
  const secondMoment = (Math.PI / 64) * (od ** 4 - d ** 4);
  const pulled = Math.PI / 2;
  const recovered = (moment * clr * pulled) / (205_000 * secondMoment);
  expect(elasticShare({ od, wall }, yieldStrength, clr) * pulled).toBeCloseTo(recovered, 12);
});

test('5/16 in round a 1 1/2 in tube is a rotation of 23.9° [handbook §4, common practice]', () => {
  expect(((5 / 16 / 0.75) * 180) / Math.PI).toBeCloseTo(23.9, 1);
});

test('the take-off by sample bend: 51 in to the floor, a blank of 102 in [handbook §5, common practice]', () => {
  const steps = takeOff([
    { kind: 'straight', length: 9 * IN },
    { kind: 'offset', length: 4.5 * IN },
    { kind: 'bend', angle: 54, takes: 6.75 * IN },
    { kind: 'straight', length: 5.25 * IN },
    { kind: 'offset', length: 4.5 * IN },
    { kind: 'bend', angle: 32, takes: 4.125 * IN },
    { kind: 'straight', length: 16.875 * IN },
  ]);
  expect(steps.map((step) => step.total / IN)).toEqual(
    [9, 13.5, 20.25, 25.5, 30, 34.125, 51].map((total) => expect.closeTo(total, 9) as number),
  );
  expect((2 * (steps.at(-1)?.total ?? 0)) / IN).toBeCloseTo(102, 9);
});

test('a bend of the take-off without a measured figure takes CLR·θ', () => {
  expect(takeOff([{ kind: 'bend', angle: 90, clr: 6 * IN }])[0]?.uses).toBeCloseTo(9.4248 * IN, 2);
});

test('the finished radius from a tape finds the radius that made the piece [handbook §5, definition]', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 60, max: 400, noNaN: true }),
      fc.double({ min: 20, max: 120, noNaN: true }),
      (radius, released) => {
        const setback = radius * Math.tan((released * Math.PI) / 360);
        const length = 300 + 250 + arcOf(radius, released);
        expect(
          expectValue(finishedRadius({ length, legs: [300 + setback, 250 + setback], released })),
        ).toBeCloseTo(radius, 5);
      },
    ),
    { seed: 2 },
  );
});

test('1 mm of tape error is 2.3 mm of radius at 90° [handbook §5]', () => {
  const piece = { length: 800, legs: [432.7, 432.7] as [number, number], released: 90 };
  const wrong = expectValue(finishedRadius({ ...piece, length: 801 }));
  expect(expectValue(finishedRadius(piece)) - wrong).toBeCloseTo(2.33, 1);
  expect(tapeOnRadius(90)).toBeCloseTo(expectValue(finishedRadius(piece)) - wrong, 9);
});
