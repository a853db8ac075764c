import { distanceToPath } from '../../centreline/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { bar, cageOf, point, stationOn } from '../../testing/index.ts';
import { type Tube } from '../index.ts';
import { answersOf, tubeOf, saysOf } from '../../testing/placed.ts';

const at = (tube: Tube, i: number) => tube.points[i] as Vec3;

test('an X: one bar through, the other in two halves that stand on it and stay in line', () => {
  const one = bar(
    'd1',
    'diagonal',
    stationOn('m-hoop', 'crown-left'),
    stationOn('m-hoop', 'foot-right', -80),
  );
  const other = bar(
    'd2',
    'diagonal',
    stationOn('m-hoop', 'crown-right'),
    stationOn('m-hoop', 'foot-left', 80),
    {
      crossings: [{ member: 'm-d1', goes: 'split' }],
      pieces: [
        { id: 'p-d2a', stamp: 'D2A' },
        { id: 'p-d2b', stamp: 'D2B' },
      ],
    },
  );
  const plan = cageOf(one, other);
  const [upper, lower] = [tubeOf(plan, 'p-d2a'), tubeOf(plan, 'p-d2b')];
  expect(at(upper, 1)).toEqual(at(lower, 0));
  expect(distanceToPath(at(upper, 1), tubeOf(plan, 'p-d1').axis)).toBeLessThan(1e-4);
  const middles = answersOf(plan).joints.filter(({ header }) => header === 'p-d1');
  expect(middles.map(({ piece, end }) => piece + end)).toEqual(['p-d2ab', 'p-d2ba']);
});

test('a bar that passes the tube meant to split it says by how much', () => {
  const far = bar('x', 'rear-cross', point(-500, 400, 300), point(-500, -400, 300), {
    crossings: [{ member: 'm-d1', goes: 'split' }],
    pieces: [
      { id: 'p-a', stamp: 'XA' },
      { id: 'p-b', stamp: 'XB' },
    ],
  });
  const one = bar(
    'd1',
    'diagonal',
    stationOn('m-hoop', 'crown-left'),
    stationOn('m-hoop', 'foot-right', -80),
  );
  expect(saysOf(cageOf(one, far))[0]).toMatch(/passes D1 at \d+ mm between the axes/);
});
