import fc from 'fast-check';
import { emptyPlan } from '../../plan/index.ts';
import { mm } from '../../testing/index.ts';
import { dropToClear, roofOf } from './roof.ts';

const empty = emptyPlan({ member: 'm', piece: 'p' }, 'mm');
const rib = (id: string, forward: number) => ({
  ...{ id, name: id, forward: mm(forward) },
  // A roof 1000 high to 500 from the middle, and from there 45° down to the side.
  points: [
    { out: mm(700), up: mm(0) },
    { out: mm(700), up: mm(800) },
    { out: mm(500), up: mm(1000) },
  ],
});
const roof = roofOf({ ...empty, survey: { ...empty.survey, ribs: [rib('a', -500), rib('b', 500)] } });
const gap = roof.kind === 'closed' ? roof.gap : () => null;

test('under a level roof the drop is what is missing; under a slope it is more (45°: √2 of it)', () => {
  expect(gap([0, 0, 980])).toBeCloseTo(20, 9);
  expect(dropToClear(gap, [0, 0, 980], 60)).toBeCloseTo(40, 6);
  // 30 below the slope's middle, square to it 30/√2.
  expect(gap([0, 600, 870])).toBeCloseTo(30 / Math.SQRT2, 9);
  expect(dropToClear(gap, [0, 600, 870], 60)).toBeCloseTo(60 * Math.SQRT2 - 30, 6);
  expect(dropToClear(gap, [0, 0, 500], 60)).toBe(0);
  // Where no section is near enough to tell, nobody says that it has to come down.
  expect(dropToClear(gap, [3000, 0, 990], 60)).toBe(0);
});

test('let down so far the roof is far enough, and a millimetre less is not enough', () => {
  const place = fc.tuple(
    fc.double({ min: -640, max: 640, noNaN: true }),
    fc.double({ min: 1, max: 120, noNaN: true }),
  );
  fc.assert(
    fc.property(place, ([y, under]) => {
      const z = Math.min(1000, 1500 - Math.abs(y)) - under;
      const down = dropToClear(gap, [0, y, z], 60);
      expect(gap([0, y, z - down]) ?? 0).toBeGreaterThan(60 - 1e-6);
      if (down > 1) expect(gap([0, y, z - down + 1]) ?? 0).toBeLessThan(60);
    }),
  );
});
