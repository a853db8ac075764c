import fc from 'fast-check';
import { expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { bendAdded, copeTurned } from './addedBend.ts';

const straight = (long: number): Vec3[] => [
  [0, 0, 0],
  [long, 0, 0],
];
const ask = { clr: [], radius: 150, opposite: false };
const rad = (deg: number) => (deg * Math.PI) / 180;

// Two straights of a triangle, by the law of cosines; the corner's setbacks give back what the arc takes [geometry].
test('a bend in the middle of a straight bar: the ends come nearer by the triangle that it makes', () => {
  fc.assert(
    fc.property(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 800, max: 3000 }), (angle, long) => {
      const { chord, rise, turned, straights } = expectValue(
        bendAdded({ ...ask, points: straight(long), at: long / 2, angle }),
      );
      const leg = (long - 150 * rad(angle)) / 2 + 150 * Math.tan(rad(angle) / 2);
      expect(straights[0]).toBeCloseTo((long - 150 * rad(angle)) / 2, 6);
      expect(chord[0]).toBeCloseTo(long, 9);
      expect(chord[1]).toBeCloseTo(2 * leg * Math.cos(rad(angle) / 2), 6);
      expect(rise).toBeCloseTo(leg * Math.sin(rad(angle) / 2), 6);
      expect(turned[0]).toBeCloseTo(angle / 2, 6);
      expect(turned[1]).toBeCloseTo(angle / 2, 6);
    }),
  );
});

test('nearer to one end, that end is turned the most, and both together by the angle', () => {
  const { turned } = expectValue(bendAdded({ ...ask, points: straight(2000), at: 400, angle: 30 }));
  expect(turned[0] + turned[1]).toBeCloseTo(30, 6);
  expect(turned[0]).toBeGreaterThan(turned[1]);
});

test('in a bent bar the bends that are there stay as they are', () => {
  const points: Vec3[] = [
    [0, 0, 0],
    [1000, 0, 0],
    [1800, 600, 0],
  ];
  const added = { ...ask, points, clr: [150], at: 400, angle: 15 };
  const [same, other] = [false, true].map((opposite) => expectValue(bendAdded({ ...added, opposite })));
  expect(same?.points).toHaveLength(4);
  // The other way round the bar goes the other side of its line.
  expect(Math.sign(itemAt(same?.points ?? [], 2)[1])).toBe(-Math.sign(itemAt(other?.points ?? [], 2)[1]));
  for (const one of [same, other])
    expect(distance(itemAt(one?.points ?? [], 2), itemAt(one?.points ?? [], 3))).toBeCloseTo(1000, 3);
});

test('a place in a bend, off the bar, or with too little straight beside it says so', () => {
  const points = straight(1000);
  const code = (at: number, angle = 30) => {
    const found = bendAdded({ ...ask, points, at, angle });
    return found.ok ? null : found.fault.code;
  };
  expect([code(-1), code(1001), code(10), code(500)]).toEqual([
    'no-feature',
    'no-feature',
    'negative-straight',
    null,
  ]);
});

// Two degrees across a tube of 50 mm open by 50 · tan 2° [geometry].
test('a cope that leans otherwise opens by the tube’s width, whichever way it leans; a degree still fits', () => {
  expect(copeTurned(50, 2)).toEqual({ fits: false, opens: expect.closeTo(1.746, 3) as number });
  expect(copeTurned(50, -2)).toEqual(copeTurned(50, 2));
  expect(copeTurned(50, 1).fits).toBe(true);
});
