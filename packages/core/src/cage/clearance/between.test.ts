import { straightAxis } from '../../centreline/index.ts';
import { cageOf, personOf, placeAt } from '../../testing/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { HELMET_RADIUS } from '../index.ts';
import { type Tube } from '../tube.ts';
import { measureBetween } from './between.ts';

const tube = (piece: string, from: Vec3, to: Vec3, od = 40): Tube => ({
  member: piece,
  piece,
  stamp: piece,
  role: 'frame-tube',
  od,
  wall: 2.5,
  points: [from, to],
  features: [],
  axis: straightAxis(from, to),
  developed: 1000,
  radiusTaken: null,
  mass: 1,
});
const LEVEL = tube('level', [0, -500, 1000], [0, 500, 1000]);
const TUBES = [LEVEL, tube('crossing', [-500, 0, 1090], [500, 0, 1090], 50)];
const PLAN = {
  ...cageOf(),
  occupants: [{ ...personOf('driver'), helmetTop: placeAt(0, 100, 900) }],
};
const withPoint = {
  ...PLAN,
  survey: {
    ...PLAN.survey,
    points: [{ id: 'rail', name: 'roof rail', at: placeAt(0, 600, 1000), side: null, zone: null }],
  },
};

test('between two tubes that pass square to each other: axes 90 apart, surfaces less both radii', () => {
  expect(measureBetween(PLAN, TUBES, 'level', 'crossing')).toMatchObject({ axes: 90, surfaces: 45 });
});

test('to a point beyond the end of a tube the distance is to its end', () => {
  const found = measureBetween(withPoint, TUBES, 'level', 'rail');
  expect(found).toMatchObject({
    axes: 100,
    surfaces: 80,
    line: [
      [0, 500, 1000],
      [0, 600, 1000],
    ],
  });
});

test('a helmet is a ball below its top', () => {
  const middle = 1000 - (900 - HELMET_RADIUS);
  expect(measureBetween(PLAN, TUBES, 'level', 'driver')).toMatchObject({
    axes: middle,
    surfaces: middle - 20 - HELMET_RADIUS,
  });
});

test('what is not chosen, or is not there, has no distance', () => {
  expect(measureBetween(PLAN, TUBES, '', 'crossing')).toBeNull();
  expect(measureBetween(PLAN, TUBES, 'level', '')).toBeNull();
  expect(measureBetween(PLAN, TUBES, 'level', 'nobody')).toBeNull();
});
