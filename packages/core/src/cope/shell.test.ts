import { cornersOf, distanceToPath, layOut, type Piece, piecesOf } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { type Vec3 } from '../space/index.ts';
import { copeOf, type CopeTube } from './profile.ts';
import { nearestAlong, openEnd, type Shell, type ShellEnd, tubeShell } from './shell.ts';

type Point = [number, number, number];
function axisOf(points: Point[], clr?: number): Piece[] {
  const corners = expectValue(cornersOf(clr === undefined ? { points } : { points, clr }));
  return piecesOf(corners, expectValue(layOut(corners)));
}

/** A bent tube between two posts, each of which cuts one of its ends. */
const posts: CopeTube[] = [
  {
    od: 50,
    axis: axisOf([
      [0, 0, -300],
      [0, 0, 300],
    ]),
  },
  {
    od: 40,
    axis: axisOf([
      [500, -300, 400],
      [500, 300, 380],
    ]),
  },
];
const tube = {
  od: 38,
  wall: 2,
  axis: axisOf(
    [
      [0, 0, 0],
      [500, 20, 0],
      [500, 20, 390],
    ],
    120,
  ),
};
const endOf = (end: 'a' | 'b'): ShellEnd => {
  const cope = expectValue(copeOf(tube, end, [posts[end === 'a' ? 0 : 1] as CopeTube], 180));
  return { face: cope.branch.u, outer: cope.outer.setbacks, inner: cope.inner.setbacks };
};
const placesOf = ({ positions }: Shell, from: number, count: number): Vec3[] =>
  Array.from(
    { length: count },
    (_, i) => positions.slice(3 * (from + i), 3 * (from + i) + 3) as unknown as Vec3,
  );

test('both ends of the drawn tube lie on the surfaces that they are cut to', () => {
  const strips = 60;
  const shell = tubeShell(tube.axis, tube.od, { a: endOf('a'), b: endOf('b') }, strips);
  const count = shell.positions.length / 3;
  const [first, last] = posts as [CopeTube, CopeTube];
  for (const at of placesOf(shell, 0, strips)) expect(distanceToPath(at, first.axis)).toBeCloseTo(25, 2);
  // End B's face line lies between the strips: what is drawn there is between two places of the profile.
  for (const at of placesOf(shell, count - strips, strips))
    expect(Math.abs(distanceToPath(at, last.axis) - 20)).toBeLessThan(0.05);
});

test('every place of the drawn tube lies at its radius from its axis, or past its end', () => {
  const shell = tubeShell(tube.axis, tube.od, { a: null, b: null }, 12);
  for (const at of placesOf(shell, 0, shell.positions.length / 3))
    expect(distanceToPath(at, tube.axis)).toBeCloseTo(19, 6);
});

test('an end that is cut open shows half of the wall, inside and outside', () => {
  const shell = openEnd(tube.axis, 'a', tube, endOf('a'), 150);
  const reach = placesOf(shell, 0, shell.positions.length / 3).map((at) => distanceToPath(at, tube.axis));
  expect(Math.min(...reach)).toBeCloseTo(17, 6);
  expect(Math.max(...reach)).toBeCloseTo(19, 6);
  expect(Math.max(...shell.indices)).toBe(shell.positions.length / 3 - 1);
});

test('the place along an axis that is nearest to a point', () => {
  expect(nearestAlong(tube.axis, [120, 50, 3])).toBe(122);
});
