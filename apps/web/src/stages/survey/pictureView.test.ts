import { bodyOutline, type Measures } from '@gyrus/core';
import fc from 'fast-check';
import { fieldPlaces, PICTURE, pictureView } from './pictureView.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const width = fc.integer({ min: 350, max: 1000 });
const car = fc.record({
  floor: width,
  lean: width,
  roof: fc.integer({ min: 300, max: 900 }),
  leanHeight: fc.integer({ min: 250, max: 700 }),
  headliner: fc.integer({ min: 800, max: 1500 }),
});
const measuresOf = (given: {
  floor: number;
  lean: number;
  roof: number;
  leanHeight: number;
  headliner: number;
}): Measures => ({
  halfWidthFloorLeft: mm(given.floor),
  halfWidthLeanRight: mm(given.lean),
  halfWidthRoofLeft: mm(given.roof),
  leanHeight: mm(given.leanHeight),
  headlinerCentre: mm(given.headliner),
});
const placesOf = (measures: Measures) => {
  const body = bodyOutline(measures);
  return fieldPlaces(body, pictureView(body));
};

test('the car and every box stay on the picture, whatever the car', () => {
  fc.assert(
    fc.property(car, (given) => {
      const body = bodyOutline(measuresOf(given));
      const view = pictureView(body);
      for (const half of [body.left.floor, body.left.lean, body.right.roof]) {
        expect(Math.abs(half * view.scale)).toBeLessThanOrEqual(PICTURE.width / 2 - 100);
      }
      for (const { x, y } of fieldPlaces(body, view)) {
        expect(x).toBeGreaterThan(50);
        expect(x).toBeLessThan(PICTURE.width - 50);
        expect(y).toBeGreaterThan(30);
        expect(y).toBeLessThan(PICTURE.height - 20);
      }
    }),
    { seed: 6 },
  );
});

test('left boxes stand left and right boxes right, each measure once', () => {
  const places = placesOf({});
  expect(new Set(places.map(({ key }) => key)).size).toBe(places.length);
  for (const { key, x } of places) {
    if (key.endsWith('Left')) expect(x).toBeLessThan(PICTURE.width / 2);
    if (key.endsWith('Right')) expect(x).toBeGreaterThan(PICTURE.width / 2);
  }
});

test('no box covers another on cars of usual shape', () => {
  fc.assert(
    fc.property(car, (given) => {
      const places = placesOf(measuresOf(given));
      for (const [i, a] of places.entries())
        for (const b of places.slice(i + 1))
          expect(
            Math.abs(a.x - b.x) >= 105 || Math.abs(a.y - b.y) >= 40 ? 'apart' : `${a.key} covers ${b.key}`,
          ).toBe('apart');
    }),
    { seed: 6 },
  );
});
