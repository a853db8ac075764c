import fc from 'fast-check';
import Quaternion from 'quaternion';
import { angleAbout, angleBetween, cross, dot, length, rotateAbout, unit, type Vec3 } from './index.ts';

/** Rotations against the quaternions of a general-purpose library (npm package "quaternion"). */
const direction = fc
  .tuple(
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
  )
  .filter((v) => Math.hypot(...v) > 0.1)
  .map((v): Vec3 => unit(v));
const turn = fc.double({ min: -Math.PI, max: Math.PI, noNaN: true });

test('rotating about an axis agrees with quaternions', () => {
  fc.assert(
    fc.property(direction, turn, direction, (axis, angle, vector) => {
      const expected = Quaternion.fromAxisAngle([...axis], angle).rotateVector([...vector]) as number[];
      rotateAbout(axis, angle, vector).forEach((value, i) =>
        expect(value).toBeCloseTo(expected[i] ?? NaN, 12),
      );
    }),
    { seed: 11 },
  );
});

test('the angle between two directions agrees with the quaternion between them', () => {
  fc.assert(
    fc.property(direction, direction, (a, b) => {
      const q = Quaternion.fromVectors([...a], [...b]);
      expect(angleBetween(a, b)).toBeCloseTo(2 * Math.acos(Math.min(1, Math.abs(q.w))), 6);
    }),
    { seed: 11 },
  );
});

test('angleAbout is right-handed and undone by rotateAbout', () => {
  fc.assert(
    fc.property(direction, turn, direction, (axis, angle, vector) => {
      const square = cross(axis, vector);
      if (length(square) < 0.1) return;
      const turned = rotateAbout(axis, angle, square);
      expect(Math.cos(angleAbout(axis, square, turned) - angle)).toBeCloseTo(1, 10);
      expect(dot(axis, turned)).toBeCloseTo(0, 12);
    }),
    { seed: 11 },
  );
});
