import { expectValue } from '../../fault/index.ts';
import { cornersOf, layOut } from '../../centreline/index.ts';
import { besideEdge } from './besideEdge.ts';
import { type TraceFit, type TracedPoint } from './fitTrace.ts';
import { fromPhoto } from './onPhoto.ts';

const CORNER: TracedPoint[] = [
  [0, 0],
  [400, 0],
  [400, 300],
];

function fitOf(points: TracedPoint[], radii: number[]): TraceFit {
  const corners = expectValue(cornersOf({ points: points.map(([x, y]) => [x, y, 0]), clr: radii }));
  return { points, radii, lra: expectValue(layOut(corners)), error: 0 };
}

test('the axis of a tube whose inner edge was traced: the radius grows by half the tube, to the right [arithmetic]', () => {
  const axis = expectValue(besideEdge(fitOf(CORNER, [100]), -20));
  expect(axis.points).toEqual([
    [0, -20],
    [420, -20],
    [420, 300],
  ]);
  expect(axis.radii).toEqual([120]);
  // Concentric bends leave the straights as they were.
  expect(axis.lra.bends[0]?.length).toBeCloseTo(300, 9);
  expect(axis.lra.tail).toBeCloseTo(200, 9);
});

test('an outer edge that is tighter than half the tube is told', () => {
  expect(besideEdge(fitOf(CORNER, [15]), 20)).toMatchObject({ fault: { code: 'trace' } });
});

test('a photo is read by its two marks: 200 dots for 100 mm, up is up', () => {
  const read = expectValue(
    fromPhoto(
      [
        [50, 300],
        [250, 300],
      ],
      100,
      [
        [50, 300],
        [150, 100],
        [450, 340],
      ],
    ),
  );
  expect(read).toEqual([
    [0, 0],
    [50, 100],
    [200, -20],
  ]);
  expect(
    fromPhoto(
      [
        [50, 300],
        [51, 300],
      ],
      100,
      [],
    ),
  ).toMatchObject({ fault: { code: 'trace' } });
});
