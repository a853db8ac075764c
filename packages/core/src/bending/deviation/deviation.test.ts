import fc from 'fast-check';
import { deviation, mean, median } from 'd3-array';
import { arcOf, lraOf, mirrored, pointsOf } from '../../centreline/index.ts';
import { check, expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { radians } from '../../measure/index.ts';
import { add, cross, distance, dot, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { radiusInput, scatterInput, whatNowInput } from './input.ts';
import { normalFrom } from './chance.ts';
import { scatterOf, spansOf } from './scatter.ts';
import { acrossPairs, causesOf, shareWithin, spreadOf, widthsOf, widthsWhen } from './widths.ts';
import { whatNow } from './whatNow.ts';

type Point = [number, number, number];

/** Two legs, a crown, two bends of 84°: a hoop in one plane. mm */
const HOOP = {
  points: [
    [0, 1041.4, 0],
    [108.9, 5.4, 0],
    [1378.9, 5.4, 0],
    [1487.8, 1041.4, 0],
  ] as Point[],
  clr: 152.4,
};
/** A bar with bends in three planes. */
const BAR = {
  points: [
    [0, 0, 0],
    [500, 0, 0],
    [800, 300, 0],
    [900, 400, 500],
    [1500, 200, 600],
  ] as Point[],
  clr: 100,
};
const now = (path: typeof HOOP, bend: number, made: object) => expectValue(whatNow({ ...path, bend, made }));
const faultOf = (result: ReturnType<typeof whatNow>) =>
  result.ok ? null : [result.fault.code, result.fault.path];

test('a part that was made as planned is off by nothing', () => {
  for (const bend of [1, 2, 3]) {
    const { points, off } = now(BAR, bend, {});
    expect(Math.max(...off)).toBeLessThan(1e-9);
    expect(points).toHaveLength(5);
  }
});

test('what comes out has the angle, turn and straights that it was made with, read back by lra', () => {
  const planned = expectValue(lraOf(BAR));
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 2 }),
      fc.double({ min: 5, max: 100, noNaN: true }),
      fc.double({ min: -170, max: 170, noNaN: true }),
      fc.double({ min: -50, max: 50, noNaN: true }),
      (i, angle, turn, mark) => {
        const made = { angle, mark, ...(i > 0 && { rotation: turn }) };
        const { points } = now(BAR, i + 1, made);
        const back = expectValue(lraOf({ points: points.map((p): Point => [...p]), clr: BAR.clr }));
        const was = itemAt(planned.bends, i);
        expect(back.bends[i]).toMatchObject({
          angle: expect.closeTo(angle, 6) as number,
          rotation: expect.closeTo(i > 0 ? turn : 0, 6) as number,
          length: expect.closeTo(was.length + mark, 6) as number,
        });
        expect(back.developed).toBeCloseTo(planned.developed + arcOf(100, angle) - arcOf(100, was.angle), 6);
      },
    ),
    { seed: 15 },
  );
});

test('what stands before the bend is where it was', () => {
  const { off } = now(BAR, 3, { angle: 20, rotation: 10 });
  expect(off.slice(0, 3).every((one) => one < 1e-9)).toBe(true);
  expect(off[4]).toBeGreaterThan(50);
});

// A foot out by Δ on a leg of length h is corrected by Δ/h rad at its bend [handbook §12, common practice]; h to the tangent, as it turns
// about the end of the arc, which moves by R·Δθ itself.
test('a bend that is short by a little moves the foot by its leg times the angle, and along the arc', () => {
  const short = 0.01;
  const planned = expectValue(lraOf(HOOP));
  const { off } = now(HOOP, 2, { angle: itemAt(planned.bends, 1).angle - short });
  const foot = radians(short) * Math.hypot(planned.tail, HOOP.clr);
  expect(off[3]).toBeCloseTo(foot, 3);
});

test('every turn the other way gives the twin, which is not the part', () => {
  const { bends, tail } = expectValue(lraOf(BAR));
  const twin = expectValue(pointsOf({ bends: mirrored(bends), tail }));
  let points = BAR.points;
  for (const [i, { rotation }] of mirrored(bends).entries())
    if (i > 0) points = now({ ...BAR, points }, i + 1, { rotation }).points.map((p): Point => [...p]);
  const spans = (of: readonly Vec3[]) => of.flatMap((p, i) => of.slice(i + 1).map((q) => distance(p, q)));
  for (const [i, span] of spans(points).entries()) expect(span).toBeCloseTo(itemAt(spans(twin), i), 6);
  const handed = ([a, b, c, d]: readonly Vec3[]) =>
    Math.sign(dot(subtract(b!, a!), cross(subtract(c!, b!), subtract(d!, c!))));
  expect(handed(points.slice(1))).toBe(-handed(BAR.points.slice(1)));
});

test('a mark that is off moves the part by the difference of its two straights', () => {
  const { points, off } = now(HOOP, 1, { mark: 7 });
  expect(points[1]).toEqual(
    add(itemAt(HOOP.points, 1), scale(unit(subtract(itemAt(HOOP.points, 1), itemAt(HOOP.points, 0))), 7)).map(
      (one) => expect.closeTo(one, 9) as number,
    ),
  );
  // Bend 2 and the foot move by 7 mm of one direction less 7 mm of the other: 2·7·sin(84°/2).
  const shift = 2 * 7 * Math.sin(radians(itemAt(expectValue(lraOf(HOOP)).bends, 0).angle) / 2);
  expect(off.slice(2)).toEqual([shift, shift].map((one) => expect.closeTo(one, 6) as number));
});

test('bends that are not there, turns that no bend has and straights that are too short are refused', () => {
  const of = (bend: number, made: object) => faultOf(whatNow({ ...HOOP, bend, made }));
  expect(of(3, {})).toEqual(['no-feature', '/bend']);
  expect(of(1, { rotation: 5 })).toEqual(['first-rotation', '/made/rotation']);
  expect(of(1, { mark: 2000 })).toEqual(['negative-straight', '/made/mark']);
  expect(of(2, { mark: -2000 })).toEqual(['negative-straight', '/made/mark']);
  expect(of(2, { mark: 2000 })).toEqual(['negative-straight', '/made/mark']);
  expect(faultOf(whatNow({ points: HOOP.points, bend: 1, made: {} }))).toEqual(['missing', '/clr']);
  const inLine = { ...HOOP, points: [[0, 1241.4, 0], ...HOOP.points] as Point[] };
  expect(faultOf(whatNow({ ...inLine, clr: [100, 100, 100], bend: 4, made: {} }))).toEqual([
    'no-feature',
    '/bend',
  ]);
});

test.each([
  [whatNowInput, { ...HOOP, bend: 0, made: {} }, '/bend'],
  [whatNowInput, { ...HOOP, bend: 1.5, made: {} }, '/bend'],
  [whatNowInput, { ...HOOP, bend: 1, made: { angle: 180 } }, '/made/angle'],
  [whatNowInput, { ...HOOP, bend: 1, made: { turn: 3 } }, '/made/turn'],
  [whatNowInput, { ...HOOP, bend: 1 }, '/made'],
  [scatterInput, { ...HOOP, sigma: { mark: -1, angle: 0, rotation: 0 }, n: 100, seed: 1 }, '/sigma/mark'],
  [scatterInput, { ...HOOP, sigma: { mark: 1, angle: 0, rotation: 0 }, n: 99, seed: 1 }, '/n'],
  [scatterInput, { ...HOOP, sigma: { mark: 1, angle: 0, rotation: 0 }, n: 1_000_001, seed: 1 }, '/n'],
  [scatterInput, { ...HOOP, sigma: { mark: 1, angle: 0, rotation: 0 }, n: 100, seed: 1.5 }, '/seed'],
  [radiusInput, { length: 800, legs: [430], released: 90 }, '/legs'],
  [radiusInput, { length: 800, legs: [430, 430], released: 180 }, '/released'],
])('bad input is refused at its field (%#)', (schema, input, path) => {
  const read = check(schema as typeof whatNowInput, input);
  expect(read.ok ? null : read.fault.path).toBe(path);
});

/**
 * First-order propagation in closed form for a hoop in one plane: an angle moves end B by R·t + n × (B − end of the arc), a mark by the
 * difference of the two straights' directions; a turn moves it square to the plane, which the span does not see. mm
 */
function firstOrder(sigma: { mark: number; angle: number }) {
  const [a, p, q, b] = HOOP.points.map((one): Vec3 => one) as [Vec3, Vec3, Vec3, Vec3];
  const straights = [unit(subtract(p, a)), unit(subtract(q, p)), unit(subtract(b, q))] as const;
  const span = unit(subtract(b, a));
  const { bends } = expectValue(lraOf(HOOP));
  const variances = [p, q].map((pi, i) => {
    const [into, out] = [itemAt(straights, i), itemAt(straights, i + 1)];
    const end = add(pi, scale(out, itemAt(bends, i).setback));
    const turned = add(scale(out, HOOP.clr), cross(unit(cross(into, out)), subtract(b, end)));
    return (
      (radians(sigma.angle) * dot(span, turned)) ** 2 + (sigma.mark * dot(span, subtract(into, out))) ** 2
    );
  });
  return Math.sqrt(variances.reduce((sum, one) => sum + one, 0));
}

test.each([
  { mark: 0, angle: 0.2, rotation: 0 },
  { mark: 1, angle: 0, rotation: 0 },
  { mark: 1, angle: 0.3, rotation: 0.3 },
])('the spread of a two-bend hoop is the closed first-order propagation (%j)', (sigma) => {
  const {
    planned,
    mean: middle,
    sd,
    p05,
    p50,
    p95,
  } = expectValue(scatterOf({ ...HOOP, sigma, n: 100_000, seed: 7 }));
  expect(planned).toBeCloseTo(1487.8, 6);
  // The deviation of 100 000 normal numbers is itself known to 0.22 %, their mean to sd/316.
  expect(sd / firstOrder(sigma)).toBeGreaterThan(0.99);
  expect(sd / firstOrder(sigma)).toBeLessThan(1.01);
  expect(Math.abs(middle - planned)).toBeLessThan(0.1);
  // Normal: the fifth and the ninety-fifth of a hundred lie 1.6449 deviations out [tables of the normal distribution].
  expect((p50 - p05) / sd).toBeCloseTo(1.6449, 1);
  expect((p95 - p50) / sd).toBeCloseTo(1.6449, 1);
});

test('a turn between two bends widens a hoop only by the second order', () => {
  const flat = expectValue(
    scatterOf({ ...HOOP, sigma: { mark: 0, angle: 0, rotation: 1 }, n: 2000, seed: 3 }),
  );
  expect(flat.sd).toBeLessThan(0.3);
  expect(flat.sd).toBeGreaterThan(0);
  const bar = expectValue(scatterOf({ ...BAR, sigma: { mark: 0, angle: 0, rotation: 1 }, n: 2000, seed: 3 }));
  expect(bar.sd).toBeGreaterThan(1);
});

test('the part without errors is the planned one, in any planes, and the parts are those of whatnow', () => {
  const none = { mark: 0, angle: 0, rotation: 0 };
  for (const path of [HOOP, BAR]) {
    const { planned, sd, p05, p95 } = expectValue(scatterOf({ ...path, sigma: none, n: 100, seed: 1 }));
    const ends = distance(itemAt(path.points, 0), itemAt(path.points, -1));
    expect([planned, p05, p95].map((one) => one - ends)).toEqual(
      [0, 0, 0].map((one) => expect.closeTo(one, 9) as number),
    );
    expect(sd).toBeCloseTo(0, 9);
  }
});

test('one seed has one answer, and another another', () => {
  const of = (seed: number) =>
    expectValue(scatterOf({ ...BAR, sigma: { mark: 1, angle: 0.5, rotation: 0.5 }, n: 500, seed }));
  expect(of(5)).toEqual(of(5));
  expect(of(5).mean).not.toBe(of(6).mean);
});

test('the chance is normal: mean 0, deviation 1, and no number like the one before', () => {
  const normal = normalFrom(11);
  const drawn = Array.from({ length: 50_000 }, normal);
  expect(Math.abs(mean(drawn) ?? 1)).toBeLessThan(0.02);
  expect(deviation(drawn)).toBeCloseTo(1, 1);
  expect(Math.abs(median(drawn) ?? 1)).toBeLessThan(0.02);
  const together = drawn.slice(1).reduce((sum, one, i) => sum + one * itemAt(drawn, i), 0) / drawn.length;
  expect(Math.abs(together)).toBeLessThan(0.02);
});

test('a straight tube spreads by nothing', () => {
  const straight = {
    points: [
      [0, 0, 0],
      [300, 400, 0],
    ] as Point[],
    sigma: { mark: 1, angle: 1, rotation: 1 },
  };
  expect(expectValue(scatterOf({ ...straight, n: 100, seed: 1 }))).toMatchObject({ planned: 500, sd: 0 });
});

const SIGMA = { mark: 1, angle: 0.5, rotation: 0.5 };

test('widths across a part are those of the path, and its parts those of scatter, number by number', () => {
  expect(acrossPairs(2)).toEqual([
    [0, 3],
    [1, 2],
  ]);
  expect(acrossPairs(3)).toEqual([
    [0, 4],
    [1, 3],
  ]);
  for (const path of [HOOP, BAR]) {
    const lra = expectValue(lraOf(path));
    const pairs = acrossPairs(lra.bends.length);
    expect(widthsWhen(lra, pairs, [])).toEqual(
      pairs.map(
        ([from, to]) =>
          expect.closeTo(distance(itemAt(path.points, from), itemAt(path.points, to)), 6) as number,
      ),
    );
    const [ends] = widthsOf(lra, pairs, SIGMA, { n: 300, seed: 9 });
    const spans = spansOf(lra, SIGMA, 300, 9);
    for (const [k, span] of spans.entries()) expect(ends?.[k]).toBeCloseTo(span, 6);
  }
});

test('bends that all come out short stand the feet wider apart, by what whatnow says bend after bend', () => {
  const lra = expectValue(lraOf(HOOP));
  const [feet = 0, corners = 0] = widthsWhen(lra, acrossPairs(2), [-1, -1]);
  let points = HOOP.points;
  for (const bend of [1, 2])
    points = now({ ...HOOP, points }, bend, { angle: itemAt(lra.bends, bend - 1).angle - 1 }).points.map(
      (p): Point => [...p],
    );
  expect(feet).toBeCloseTo(distance(itemAt(points, 0), itemAt(points, 3)), 6);
  expect(feet).toBeGreaterThan(1487.8 + 25);
  // The corners are a setback nearer to their tangents on each side: R·(tan 42° − tan 41.5°).
  const setbacks =
    2 *
    152.4 *
    (Math.tan(radians(itemAt(lra.bends, 0).angle / 2)) -
      Math.tan(radians((itemAt(lra.bends, 0).angle - 1) / 2)));
  expect(corners).toBeCloseTo(1270 - setbacks, 6);
});

test('what spreads a hoop is its angles, what spreads nothing has no cause, and the shares are of one', () => {
  const lra = expectValue(lraOf(HOOP));
  const causes = causesOf(lra, [0, 3], SIGMA, { n: 4000, seed: 2 });
  expect(causes.angle).toBeGreaterThan(0.9);
  expect(causes.mark + causes.angle + causes.rotation).toBeCloseTo(1, 9);
  // An error's share is its variance in the closed propagation.
  const [angle, mark] = [firstOrder({ mark: 0, angle: 0.5 }), firstOrder({ mark: 1, angle: 0 })];
  expect(causes.mark).toBeCloseTo(mark ** 2 / (mark ** 2 + angle ** 2), 2);
  const none = { mark: 0, angle: 0, rotation: 0 };
  expect(causesOf(lra, [0, 3], none, { n: 100, seed: 2 })).toEqual(none);
});

test('how many lie within so much of a figure', () => {
  const values = Float64Array.from([1, 2, 3, 4]);
  expect([shareWithin(values, 2.5, 0.5), shareWithin(values, 0, 1), shareWithin(values, 9, 1)]).toEqual([
    0.5, 0.25, 0,
  ]);
  expect(spreadOf(values)).toMatchObject({ mean: 2.5, p50: 2.5 });
});
