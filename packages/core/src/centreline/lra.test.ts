import fc from 'fast-check';
import Quaternion from 'quaternion';
import { check, expectValue } from '../fault/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { lraInput, lraOf, mirrored, pointsOf, reversed, type XyzInput } from './index.ts';

const faultOf = (input: unknown) => {
  const read = check(lraInput, input);
  const result = read.ok ? lraOf(read.value) : read;
  return result.ok ? null : { code: result.fault.code, path: result.fault.path };
};

const bend = fc.record({
  length: fc.double({ min: 0, max: 900, noNaN: true }),
  rotation: fc.double({ min: -179, max: 180, noNaN: true }),
  angle: fc.double({ min: 1, max: 150, noNaN: true }),
  clr: fc.double({ min: 20, max: 300, noNaN: true }),
});
const tube = fc.record({
  bends: fc
    .array(bend, { minLength: 1, maxLength: 6 })
    .map((bends) => bends.map((one, i) => (i === 0 ? { ...one, rotation: 0 } : one))),
  tail: fc.double({ min: 0.1, max: 900, noNaN: true }),
});
const clrOf = ({ bends }: XyzInput) => bends.map((one) => one.clr);
const mutable = (points: Vec3[]) => points.map((p): [number, number, number] => [...p]);

test('LRA → points → LRA is the identity', () => {
  fc.assert(
    fc.property(tube, (given) => {
      const points = expectValue(pointsOf(given));
      const back = expectValue(lraOf({ points: mutable(points), clr: clrOf(given) }));
      expect(back.tail).toBeCloseTo(given.tail, 6);
      back.bends.forEach((one, i) => {
        const original = given.bends[i];
        expect(one.length).toBeCloseTo(original?.length ?? NaN, 6);
        expect(one.angle).toBeCloseTo(original?.angle ?? NaN, 6);
        expect(Math.cos(((one.rotation - (original?.rotation ?? NaN)) * Math.PI) / 180)).toBeCloseTo(1, 9);
      });
    }),
    { seed: 3 },
  );
});

test('a rigid motion, made with quaternions, changes nothing of the LRA', () => {
  fc.assert(
    fc.property(
      tube,
      fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 3, maxLength: 3 }),
      (given, [a = 0, b = 0, c = 0]) => {
        const points = expectValue(pointsOf(given));
        const q = Quaternion.fromEuler(a, b, c);
        const moved = points.map((p): [number, number, number] => {
          const [x = 0, y = 0, z = 0] = q.rotateVector([...p]) as number[];
          return [x + 310, y - 42, z + 7];
        });
        const before = expectValue(lraOf({ points: mutable(points), clr: clrOf(given) }));
        const after = expectValue(lraOf({ points: moved, clr: clrOf(given) }));
        after.bends.forEach((one, i) => {
          expect(one.length).toBeCloseTo(before.bends[i]?.length ?? NaN, 5);
          expect(Math.cos(((one.rotation - (before.bends[i]?.rotation ?? NaN)) * Math.PI) / 180)).toBeCloseTo(
            1,
            8,
          );
        });
        expect(after.developed).toBeCloseTo(before.developed, 5);
      },
    ),
    { seed: 3 },
  );
});

test('mirroring the points negates every rotation, and twice is the identity', () => {
  fc.assert(
    fc.property(tube, (given) => {
      const points = expectValue(pointsOf(given)).map(([x, y, z]): [number, number, number] => [x, -y, z]);
      const twin = expectValue(lraOf({ points, clr: clrOf(given) }));
      const expected = mirrored(
        expectValue(lraOf({ points: mutable(expectValue(pointsOf(given))), clr: clrOf(given) })).bends,
      );
      twin.bends.forEach((one, i) =>
        expect(Math.cos(((one.rotation - (expected[i]?.rotation ?? NaN)) * Math.PI) / 180)).toBeCloseTo(1, 9),
      );
      expect(mirrored(mirrored(given.bends))).toEqual(
        given.bends.map((one) => ({ ...one, rotation: expect.closeTo(one.rotation, 6) as number })),
      );
    }),
    { seed: 3 },
  );
});

test('reading from end B gives the same as reversing the points', () => {
  fc.assert(
    fc.property(tube, (given) => {
      const points = mutable(expectValue(pointsOf(given)));
      const forward = expectValue(lraOf({ points, clr: clrOf(given) }));
      const backward = expectValue(lraOf({ points: points.toReversed(), clr: clrOf(given).toReversed() }));
      const turned = reversed(forward.bends, forward.tail);
      expect(turned.tail).toBeCloseTo(backward.tail, 6);
      turned.bends.forEach((one, i) => {
        expect(one.length).toBeCloseTo(backward.bends[i]?.length ?? NaN, 6);
        expect(Math.cos(((one.rotation - (backward.bends[i]?.rotation ?? NaN)) * Math.PI) / 180)).toBeCloseTo(
          1,
          9,
        );
      });
    }),
    { seed: 3 },
  );
});

test('the first bend turns toward +y, and rotation is right-handed about A → B', () => {
  const points = expectValue(
    pointsOf({
      bends: [
        { length: 100, rotation: 0, angle: 90, clr: 50 },
        { length: 100, rotation: 90, angle: 90, clr: 50 },
      ],
      tail: 100,
    }),
  );
  // x̂ × ŷ = ẑ is the first normal; +90° about ŷ takes it to x̂, and ŷ turned about x̂ by 90° is ẑ.
  const expected = [
    [0, 0, 0],
    [150, 0, 0],
    [150, 200, 0],
    [150, 200, 150],
  ] as const;
  points.forEach((p, i) => expect(distance(p, expected[i] as Vec3)).toBeLessThan(1e-9));
});

test('a flat zigzag turns by +180°, never −180°', () => {
  const { bends } = expectValue(
    lraOf({
      points: [
        [0, 0, 0],
        [500, 0, 0],
        [1000, 500, 0],
        [1500, 500, 0],
      ],
      clr: 100,
    }),
  );
  expect(bends[1]?.rotation).toBe(180);
});

test('points in line with their neighbours are dropped with their radius', () => {
  const straight = expectValue(
    lraOf({
      points: [
        [0, 0, 0],
        [300, 0, 0],
        [1000, 0, 0],
        [1000, 800, 0],
      ],
      clr: [50, 120],
    }),
  );
  expect(straight.bends).toHaveLength(1);
  expect(straight.bends[0]).toMatchObject({ clr: 120, length: expect.closeTo(880, 9) as number });
});

test('a zero straight is allowed, noise is no fault', () => {
  const { bends, tail } = expectValue(
    lraOf({
      points: [
        [0, 0, 0],
        [100, 0, 0],
        [100, 100, 0],
      ],
      clr: 100,
    }),
  );
  expect(bends[0]?.length).toBeCloseTo(0, 9);
  expect(tail).toBeGreaterThanOrEqual(0);
});

test.each([
  [
    {
      points: [
        [0, 0, 0],
        [100, 0, 0],
        [100, 100, 0],
      ],
    },
    'missing',
    '/clr',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [100, 0, 0],
        [100, 100, 0],
      ],
      clr: [1, 2],
    },
    'wrong-count',
    '/clr',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [0, 0, 0],
      ],
    },
    'coincident-points',
    '/points/1',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [100, 0, 0],
        [0, 0, 0],
      ],
      clr: 10,
    },
    'folds-back',
    '/points/1',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [100, 0, 0],
        [100, 100, 0],
      ],
      clr: 101,
    },
    'negative-straight',
    '/points/1',
  ],
  [{ points: [[0, 0, 0]] }, 'too-small', '/points'],
  [
    {
      points: [
        [0, 0, 0],
        [1, 0],
      ],
    },
    'too-small',
    '/points/1',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [1, 0, 100_001],
      ],
    },
    'too-big',
    '/points/1/2',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [100, 0, 0],
        [100, 100, 0],
      ],
      clr: [-3],
    },
    'too-small',
    '/clr/0',
  ],
  [
    {
      points: [
        [0, 0, 0],
        [1, 0, 0],
      ],
      radius: 5,
    },
    'unknown-key',
    '/radius',
  ],
  [{}, 'missing', '/points'],
])('%j is refused: %s at %s', (input, code, path) => {
  expect(faultOf(input)).toEqual({ code, path });
});

test('a negative straight names the bends it lies between', () => {
  const result = lraOf({
    points: [
      [0, 0, 0],
      [500, 0, 0],
      [500, 150, 0],
      [1000, 150, 0],
    ],
    clr: 100,
  });
  expect(result.ok ? '' : result.fault.message).toContain('between bend 1 and bend 2 comes out at -50 mm');
});
