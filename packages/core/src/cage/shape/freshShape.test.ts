import { distance, type Vec3 } from '../../space/index.ts';
import { freshShape } from './freshShape.ts';
import { type BendRoom, shapedPath } from './index.ts';

const KINDS = ['through', 'bow', 'offset', 'stand-off', 'arc', 'stations', 'take-off'] as const;
/** Of a die of 4 1/2 in for 1 3/4 in tube. mm */
const ROOM: BendRoom = { clr: 114.3, clrAt: () => null, od: 44.45, straight: 66 };

const ACROSS: [Vec3, Vec3] = [
  [-300, -560, 700],
  [-300, 560, 700],
];
const ALONG: [Vec3, Vec3] = [
  [0, -600, 500],
  [1100, -640, 420],
];

test.each(KINDS.flatMap((kind) => [ACROSS, ALONG].map((ends) => [kind, ends] as const)))(
  'a fresh shape can be built between its ends: %s',
  (kind, [a, b]) => {
    const path = shapedPath(freshShape(kind, a, b), a, b, ROOM);
    expect(path).toMatchObject({ ok: true });
    if (!path.ok) return;
    const { points } = path.value;
    expect(points[0]).toEqual(a);
    // A take-off ends where its own figures lead it.
    if (kind !== 'take-off') expect(distance(points.at(-1) as Vec3, b)).toBeLessThan(1e-6);
  },
);

test('a bar across reaches to the rear, where there is room; one along the car reaches out', () => {
  const toward = ([a, b]: [Vec3, Vec3]) => {
    const shape = freshShape('bow', a, b);
    return shape.kind === 'bow' && shape.towards;
  };
  expect([toward(ACROSS), toward(ALONG)]).toEqual(['rear', 'out']);
});
