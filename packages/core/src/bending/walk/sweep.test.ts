import { itemAt } from '../../items/index.ts';
import { distance } from '../../space/index.ts';
import { UNMEASURED } from '../../testing/blank.ts';
import { type WalkTube } from './pose.ts';
import { sweepOf } from './sweep.ts';

/** One right angle about 150 mm, 1000 mm of straight on its clamped side. The tube is pulled to 93°. */
const quarter = (150 * Math.PI) / 2;
const tube: WalkTube = {
  od: 40,
  blank: 500 + quarter + 1000,
  bends: [
    {
      number: 1,
      tangentA: 500,
      tangentB: 500 + quarter,
      clock: 0,
      angle: 90,
      reading: 93,
      clampLength: 0,
      trailing: 0,
    },
  ],
};
const pull = { bend: 1, clamp: 'b' as const, made: new Set<number>() };

test('the free end sweeps a circle about the die, and what trails is drawn in along its line', () => {
  const { ahead, behind, normal } = sweepOf(tube, UNMEASURED, pull);
  // A straight leg of 1000 on a radius of as much tube in 93°: its end keeps its distance from the die's centre.
  const radius = quarter / ((93 * Math.PI) / 180);
  const away = ahead.map((row) => distance(itemAt(row, -1), [0, 0, 0]));
  for (const one of away) expect(one).toBeCloseTo(Math.hypot(1000, radius), 6);
  expect(ahead).toHaveLength(Math.ceil(93 / 4) + 1);
  const [first, last] = [itemAt(itemAt(behind, 0), -1), itemAt(itemAt(behind, -1), -1)];
  expect(distance(first, last)).toBeCloseTo(quarter, 6);
  // It lies in the plane of the bed.
  expect(normal.map(Math.abs)).toEqual([0, 0, 1]);
  for (const [, , z] of ahead.flat()) expect(z).toBeCloseTo(0, 9);
});
