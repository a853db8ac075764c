import { LEANING_CAR, planWith } from '../../testing/index.ts';
import { bodyOutline, outlinePoints } from '../index.ts';

const measuresOf = (texts: Record<string, string>) => planWith(texts).survey.measures;

test('what is measured is drawn as measured', () => {
  const body = bodyOutline(measuresOf(LEANING_CAR));
  expect(body.left.floor).toBeCloseTo(29.25 * 25.4, 6);
  expect(body.right.lean).toBeCloseTo(29.875 * 25.4, 6);
  expect(body.headliner).toBeCloseTo(42.375 * 25.4, 6);
});

test('a side not measured yet is drawn like the other one', () => {
  const body = bodyOutline(measuresOf({ halfWidthFloorLeft: '20', halfWidthRoofRight: '15' }));
  expect(body.right.floor).toBe(body.left.floor);
  expect(body.left.roof).toBe(body.right.roof);
});

test('a car without a measure still has an outline: left is left, closed at the floor, no corner below the floor', () => {
  const points = outlinePoints(bodyOutline({}));
  expect(points[0]?.[0]).toBeLessThan(0);
  expect(points.at(-1)?.[0]).toBeGreaterThan(0);
  expect([points[0]?.[1], points.at(-1)?.[1]]).toEqual([0, 0]);
  expect(points.flat().every(Number.isFinite)).toBe(true);
  expect(points.every(([, height]) => height >= 0)).toBe(true);
});
