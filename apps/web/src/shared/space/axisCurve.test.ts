import { cornersOf, distanceToPath, layOut, lengthOf, piecesOf, type Vec3 } from '@gyrus/core';
import { type BufferGeometry } from 'three';
import { inPicture, metres, shellGeometry, tubeGeometry } from './axisCurve.ts';

/** Two bends of 4 1/2 in radius, out of one plane. mm */
function bentAxis() {
  const corners = cornersOf({
    points: [
      [0, 700, 0],
      [-100, 600, 1000],
      [-100, -600, 1100],
      [400, -700, 100],
    ],
    clr: 114.3,
  });
  if (!corners.ok) throw new Error(corners.fault.message);
  const lra = layOut(corners.value);
  if (!lra.ok) throw new Error(lra.fault.message);
  return piecesOf(corners.value, lra.value);
}

/** Its places in the car's frame, mm: the other way round than inPicture. */
function placesOf(geometry: BufferGeometry): Vec3[] {
  const position = geometry.getAttribute('position');
  return Array.from({ length: position.count }, (_, i) => [
    position.getZ(i) * 1000,
    position.getX(i) * 1000,
    position.getY(i) * 1000,
  ]);
}

test('the picture is the car turned and in metres: forward, left and up stay right-handed', () => {
  expect(inPicture([1000, 200, 30]).toArray()).toEqual([0.2, 0.03, 1]);
  const [forward, left, up] = [inPicture([1, 0, 0]), inPicture([0, 1, 0]), inPicture([0, 0, 1])];
  expect(forward.cross(left).normalize().dot(up.normalize())).toBeCloseTo(1, 12);
});

test('every place of a drawn tube lies on its surface, and it is as long as its axis', () => {
  const axis = bentAxis();
  const od = 44.45;
  const places = placesOf(tubeGeometry(axis, od));
  for (const place of places) expect(distanceToPath(place, axis)).toBeCloseTo(od / 2, 1);
  const [first, last] = [axis[0], axis.at(-1)];
  const ends = [first, last].map((piece) => (piece?.kind === 'straight' ? piece : null));
  expect(Math.min(...places.map((place) => distance(place, ends[0]?.from)))).toBeCloseTo(od / 2, 2);
  expect(Math.min(...places.map((place) => distance(place, ends[1]?.to)))).toBeCloseTo(od / 2, 2);
});

test('a stretch of a tube begins and ends where it is asked to', () => {
  const axis = bentAxis();
  const whole = tubeGeometry(axis, 44.45);
  const part = tubeGeometry(axis, 44.45, { stretch: [100, 300] });
  expect(part.getAttribute('position').count).toBeLessThan(whole.getAttribute('position').count);
  const from = axis[0]?.kind === 'straight' ? axis[0].from : ([0, 0, 0] as Vec3);
  const gaps = placesOf(part).map((place) => distance(place, from));
  expect(Math.min(...gaps)).toBeCloseTo(Math.hypot(100, 44.45 / 2), 1);
  expect(Math.max(...gaps)).toBeCloseTo(Math.hypot(300, 44.45 / 2), 1);
  expect(lengthOf(axis)).toBeGreaterThan(300);
});

test('a shell keeps its corners and its triangles', () => {
  const geometry = shellGeometry({ positions: [0, 0, 0, 1000, 0, 0, 0, 1000, 0], indices: [0, 1, 2] });
  expect(placesOf(geometry).map((place) => place.map(Math.round))).toEqual([
    [0, 0, 0],
    [1000, 0, 0],
    [0, 1000, 0],
  ]);
  expect([...(geometry.getIndex()?.array ?? [])]).toEqual([0, 1, 2]);
  expect(metres(44.45)).toBeCloseTo(0.04445, 12);
});

const distance = (a: Vec3, b: Vec3 | undefined): number =>
  b ? Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) : NaN;
