import { bar, cageOf, point, stationOn } from '../../testing/index.ts';
import { allBelow, byDependence, wouldLoop } from '../index.ts';

const members = cageOf(
  bar('a', 'backstay', stationOn('m-hoop', 'crown-left'), point(-500, 400, 0)),
  bar('b', 'rear-cross', stationOn('m-a', 'end-b'), point(-500, -400, 0)),
  bar('c', 'spreader', stationOn('m-b', 'end-a', 100), point(-700, 0, 0)),
).members;

test('what would close a loop is whatever hangs on a bar, at whatever remove, and the bar itself', () => {
  expect([...wouldLoop('m-a', members)].sort()).toEqual(['m-a', 'm-b', 'm-c']);
  expect([...wouldLoop('m-c', members)]).toEqual(['m-c']);
  expect([...wouldLoop('m-hoop', members)].sort()).toEqual(['m-a', 'm-b', 'm-c', 'm-hoop']);
});

test('what a bar stands on reaches down to the hoop', () => {
  const c = members.find(({ id }) => id === 'm-c');
  expect(c && [...allBelow(c, members)].sort()).toEqual(['m-a', 'm-b', 'm-hoop']);
});

test('two rings are two loops, and a bar that stands on itself is one of its own', () => {
  const ring = cageOf(
    bar('a', 'backstay', stationOn('m-b', 'end-a'), point(0, 0, 0)),
    bar('b', 'backstay', stationOn('m-a', 'end-a'), point(0, 0, 0)),
    bar('c', 'strut', stationOn('m-c', 'end-b'), point(0, 0, 0)),
  ).members;
  const { ordered, loops, hanging } = byDependence(ring);
  expect(ordered.map(({ id }) => id)).toEqual(['m-hoop']);
  expect(loops.map((loop) => loop.map(({ id }) => id))).toEqual([['m-a', 'm-b'], ['m-c']]);
  expect(hanging).toEqual([]);
});
