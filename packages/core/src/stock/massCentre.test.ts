import { itemAt } from '../items/index.ts';
import { pointOn, lengthOf, cornersOf, layOut, piecesOf } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { type Vec3 } from '../space/index.ts';
import { massCentre, middleOf } from './massCentre.ts';

const axisOf = (points: [number, number, number][], clr: number) => {
  const corners = expectValue(cornersOf({ points, clr }));
  return piecesOf(corners, expectValue(layOut(corners)));
};

// The centroid of a circular arc of half angle α lies r·sin α/α from its centre: a closed form of every handbook of mechanics.
test('a half circle has its middle 2r/π from its centre', () => {
  const axis = axisOf(
    [
      [0, 0, 0],
      [200, 0, 0],
      [200, 200, 0],
      [0, 200, 0],
    ],
    100,
  );
  const arcs = axis.filter(({ kind }) => kind === 'arc');
  expect(arcs.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(100 * Math.PI, 9);
  const [x, y, z] = middleOf(arcs);
  expect([x, y, z]).toEqual([
    expect.closeTo(100 + 200 / Math.PI, 9) as number,
    expect.closeTo(100, 9) as number,
    0,
  ]);
});

test('a bent tube has its middle where that of many small pieces of it is', () => {
  const axis = axisOf(
    [
      [0, 0, 0],
      [600, 0, 0],
      [900, 500, 200],
      [900, 900, 800],
    ],
    150,
  );
  const total = lengthOf(axis);
  const steps = 20_000;
  const sum: [number, number, number] = [0, 0, 0];
  for (let i = 0; i < steps; i += 1)
    pointOn(axis, ((i + 0.5) * total) / steps).forEach((value, k) => {
      sum[k as 0 | 1 | 2] += value / steps;
    });
  middleOf(axis).forEach((value, k) => expect(value).toBeCloseTo(itemAt(sum, k), 3));
});

test('masses balance about their common middle; nothing has none', () => {
  const at = (mass: number, x: number) => ({ mass, at: [x, 0, 0] as Vec3 });
  expect(massCentre([at(3, 0), at(1, 400)])).toEqual({ mass: 4, at: [100, 0, 0] });
  expect(massCentre([])).toBeNull();
});
