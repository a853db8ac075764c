import fc from 'fast-check';
import {
  arcOf,
  AT_ORIGIN,
  type Bend,
  mirrored,
  pathFrom,
  reversed,
  setbackOf,
} from '../../centreline/index.ts';
import { itemAt } from '../../items/index.ts';
import { cross, distance, dot, subtract, type Vec3 } from '../../space/index.ts';
import { byBends, fromEndB, type TubeByBends } from './byBends.ts';
import { type BentTolerance, fitsOf } from './fits.ts';

const near: BentTolerance = { angle: 0.5, turn: 1, place: 2, radius: 1 };

const bend = (length: number, rotation: number, angle: number, clr = 150): Bend => ({
  ...{ length, rotation, angle, clr },
  setback: setbackOf(clr, angle),
});
/** A leg, a bend, a slope, a bend out of its plane, a leg. */
const leg = { bends: [bend(400, 0, 60), bend(300, 50, 35)], tail: 500 };
const numbers = [1, 2];

/** Any bar of two to four bends whose angles and turns tell them apart. */
const anyBar = fc
  .array(
    fc.record({
      length: fc.double({ min: 100, max: 600, noNaN: true }),
      rotation: fc.integer({ min: 20, max: 160 }),
      sign: fc.constantFrom(-1, 1),
    }),
    { minLength: 2, maxLength: 4 },
  )
  .map((drawn) => ({
    bends: drawn.map((one, i) => bend(one.length, i === 0 ? 0 : one.sign * one.rotation, 25 + 15 * i)),
    tail: 350,
  }));

const allOf = (bar: { bends: Bend[] }) => bar.bends.map((_, i) => i + 1);

test('a bar lies in the blank that it was bent in, at its trim, and turned end for end in the same read from B', () => {
  fc.assert(
    fc.property(anyBar, fc.double({ min: 5, max: 90, noNaN: true }), (bar, trim) => {
      const piece = byBends(bar, allOf(bar), [trim, 30]);
      const [fit] = fitsOf(piece, byBends(bar, allOf(bar)), near);
      expect(fit).toMatchObject({ turned: false, missing: [] });
      expect(fit?.cut).toEqual([expect.closeTo(trim, 6), expect.closeTo(30, 6)]);
      const back = reversed(bar.bends, bar.tail);
      const [other] = fitsOf(piece, byBends(back, allOf(bar)), near);
      expect(other).toMatchObject({ turned: true, missing: [] });
      expect(other?.cut).toEqual([expect.closeTo(trim, 6), expect.closeTo(30, 6)]);
    }),
  );
});

test('a bar is never taken as its mirror image, unless it lies in a plane', () => {
  fc.assert(
    fc.property(anyBar, (bar) => {
      const piece = byBends(bar, allOf(bar), [50, 50]);
      const twin = byBends({ bends: mirrored(bar.bends), tail: bar.tail }, allOf(bar));
      expect(fitsOf(piece, twin, near).filter(({ missing }) => missing.length === 0)).toEqual([]);
    }),
  );
  const flat = { bends: [bend(400, 0, 60), bend(300, 0, 35)], tail: 500 };
  const piece = byBends(flat, numbers, [50, 50]);
  expect(fitsOf(piece, byBends({ ...flat, bends: mirrored(flat.bends) }, numbers), near)).toHaveLength(1);
});

/** Ends and PIs of a tube by its bends. */
function pointsOf({ length, bends }: TubeByBends): Vec3[] {
  let [along, clock] = [0, 0];
  const pulled = bends.map(({ at, angle, clr, clock: turned }) => {
    const half = arcOf(clr, angle) / 2;
    const one = { length: at - half - along, rotation: turned - clock, angle, clr };
    [along, clock] = [at + half, turned];
    return one;
  });
  return pathFrom(AT_ORIGIN, pulled, length - along);
}

/** Six times the volume that four points span: a mirror image has the other sign. */
const handOf = (points: Vec3[]): number => {
  const [a, b, c, d] = [0, 1, 2, 3].map((i) => subtract(itemAt(points, i), itemAt(points, -1)));
  return a && b && c && d ? dot(cross(a, b), c) + dot(cross(b, c), d) : 0;
};

test('a piece whose missing bends are made where a fit has them is the bar, of its own hand, whichever way it lies', () => {
  fc.assert(
    fc.property(anyBar, fc.nat(), fc.boolean(), (bar, which, turned) => {
      const asLaid = turned ? reversed(bar.bends, bar.tail) : bar;
      const piece = byBends(asLaid, allOf(bar), [40, 60]);
      const one = itemAt(piece.bends, which % piece.bends.length);
      const need = byBends(bar, allOf(bar));
      const fits = fitsOf({ ...piece, bends: [one] }, need, near);
      expect(fits.some((fit) => fit.turned === turned && Math.abs(fit.from - 40) < 1e-6)).toBe(true);
      for (const fit of fits) {
        expect(fit.missing).toHaveLength(bar.bends.length - 1);
        const wanted = pointsOf(need);
        const made = pointsOf(fit.turned ? fromEndB(need) : need);
        if (fit.turned) made.reverse();
        for (const [i, a] of wanted.entries())
          for (const [j, b] of wanted.entries())
            expect(distance(itemAt(made, i), itemAt(made, j))).toBeCloseTo(distance(a, b), 6);
        expect(handOf(made)).toBeCloseTo(handOf(wanted), 0);
        expect(fit.cut[0] + fit.cut[1]).toBeCloseTo(100, 6);
      }
    }),
  );
});

test('a longer piece with more bends than a bar needs is cut beyond them, and not where a bend lies in the bar', () => {
  const long = {
    bends: [bend(300, 0, 20), ...leg.bends.map((one, i) => (i === 0 ? { ...one, rotation: 90 } : one))],
    tail: 700,
  };
  const piece = byBends(long, [1, 2, 3]);
  const [fit] = fitsOf(piece, byBends(leg, numbers), near);
  expect(fit).toMatchObject({
    missing: [],
    there: [
      { piece: 2, bar: 1 },
      { piece: 3, bar: 2 },
    ],
  });
  expect(fit?.cut[1]).toBeCloseTo(200, 6);
  // With a longer first leg the bar would reach back over the piece's first bend.
  const longer = { ...leg, bends: leg.bends.map((one, i) => (i === 0 ? { ...one, length: 440 } : one)) };
  expect(fitsOf(piece, byBends(longer, numbers), near)).toEqual([]);
});

test.each([
  ['an angle', { bends: [bend(400, 0, 61), bend(300, 50, 35)], tail: 500 }],
  ['a turn', { bends: [bend(400, 0, 60), bend(300, 53, 35)], tail: 500 }],
  ['a straight between', { bends: [bend(400, 0, 60), bend(304, 50, 35)], tail: 500 }],
  ['a radius', { bends: [bend(400, 0, 60, 152), bend(300, 50, 35)], tail: 500 }],
  ['an end', { bends: [bend(453, 0, 60), bend(300, 50, 35)], tail: 500 }],
])('%s that is farther off than it may be does not fit', (_, bar) => {
  const piece = byBends(leg, numbers, [50, 50]);
  const whole = fitsOf(piece, byBends(bar, numbers), near).filter(({ missing }) => missing.length === 0);
  expect(whole).toEqual([]);
});

test('the places of bends are those of the path: middles lie as far apart as the path has them', () => {
  // A right angle between two straights: ends apart by the hypotenuse, and half an arc past the first straight.
  const square = { bends: [bend(100, 0, 90)], tail: 100 };
  const [first] = byBends(square, [1]).bends;
  expect(first?.at).toBeCloseTo(100 + (150 * Math.PI) / 4, 9);
  const points = pathFrom(AT_ORIGIN, square.bends, square.tail);
  expect(distance(itemAt(points, 0), itemAt(points, -1))).toBeCloseTo(250 * Math.SQRT2, 9);
});
