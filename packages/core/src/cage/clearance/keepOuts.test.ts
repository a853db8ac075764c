import fc from 'fast-check';
import { cageOf, mm, placeAt } from '../../testing/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { keepOutGaps, offKeepOut } from './keepOuts.ts';
import { type Tube } from '../tube.ts';
import { straightAxis } from '../../centreline/index.ts';

const column = {
  ...{ id: 'c', name: 'column', clearance: mm(20) },
  // Entered by whichever two corners: the box is the same.
  from: placeAt(400, 100, 700),
  to: placeAt(200, -100, 500),
};

test('from a place to a keep-out: nothing inside, straight off a side, across a corner (Pythagoras)', () => {
  expect(offKeepOut(column, [300, 0, 600])).toBe(0);
  expect(offKeepOut(column, [300, 150, 600])).toBe(50);
  expect(offKeepOut(column, [430, 140, 600])).toBe(50);
  expect(offKeepOut(column, [410, 120, 720])).toBeCloseTo(Math.sqrt(100 + 400 + 400), 9);
});

test('no corner of the box is nearer than the box, and none of its inside is off it', () => {
  const axis = fc.double({ min: -1000, max: 1000, noNaN: true });
  fc.assert(
    fc.property(axis, axis, axis, (x, y, z) => {
      const at: Vec3 = [x, y, z];
      const off = offKeepOut(column, at);
      const isInside = x >= 200 && x <= 400 && y >= -100 && y <= 100 && z >= 500 && z <= 700;
      expect(off === 0).toBe(isInside);
      for (const corner of [
        [200, -100, 500],
        [400, 100, 700],
      ])
        expect(off).toBeLessThanOrEqual(Math.hypot(x - corner[0]!, y - corner[1]!, z - corner[2]!) + 1e-9);
    }),
  );
});

test('a tube that passes the box is as near as the nearest place of its axis, less half its diameter', () => {
  const base = cageOf();
  const plan = { ...base, survey: { ...base.survey, keepOuts: [column] } };
  const at = (y: number) =>
    ({
      ...{ piece: 'p', od: 40, axis: straightAxis([0, y, 600], [600, y, 600]) },
      points: [
        [0, y, 600],
        [600, y, 600],
      ],
    }) as unknown as Tube;
  expect(keepOutGaps(plan, [at(130)])).toMatchObject([{ name: 'column', gap: 10, clearance: 20 }]);
  expect(keepOutGaps(plan, [at(141)])).toEqual([]);
});
