import { standardDeviation } from 'simple-statistics';
import { normalFrom } from '../deviation/index.ts';
import { errorsMade } from './errorsMade.ts';

test('errors about nothing are their standard deviation [simple-statistics]', () => {
  const normal = normalFrom(3);
  const angles = Array.from({ length: 4000 }, () => 0.7 * normal());
  const found = errorsMade(angles.map((angle) => ({ angle, place: null, turn: null })));
  expect(found.angle?.size).toBeCloseTo(standardDeviation(angles), 2);
  expect(found).toMatchObject({ angle: { bends: 4000 }, mark: null, rotation: null });
});

test('a shop that is always a degree short errs by a degree; four bends say nothing', () => {
  const short = (n: number) => Array.from({ length: n }, () => ({ angle: -1, place: 2, turn: 0 }));
  expect(errorsMade(short(5))).toEqual({
    mark: { size: 2, bends: 5 },
    angle: { size: 1, bends: 5 },
    rotation: { size: 0, bends: 5 },
  });
  expect(errorsMade(short(4)).angle).toBeNull();
});
