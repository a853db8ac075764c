import { cornersOf, layOut } from '../../centreline/index.ts';
import { expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { pulledFurther } from './pulledFurther.ts';

const lraOf = (points: readonly Vec3[], clr: number[]) => {
  const corners = expectValue(cornersOf({ points: points.map(([x, y, z]) => [x, y, z]), clr }));
  return expectValue(layOut(corners));
};

const LEG: Vec3[] = [
  [0, 0, 0],
  [400, 0, 0],
  [500, 0, -700],
];

test('60° pulled to 65°: the tube is as long as before, its first straight as it was, the last shorter by the arc [conservation]', () => {
  const before = lraOf(LEG, [150]);
  const after = lraOf(expectValue(pulledFurther(LEG, 1, 5, { here: 150, next: null })), [150]);
  expect(after.developed).toBeCloseTo(before.developed, 9);
  expect(itemAt(after.bends, 0).length).toBeCloseTo(itemAt(before.bends, 0).length, 9);
  expect(itemAt(after.bends, 0).angle).toBeCloseTo(itemAt(before.bends, 0).angle + 5, 9);
  expect(before.tail - after.tail).toBeCloseTo((150 * 5 * Math.PI) / 180, 9);
});

test('a foot swings in by the angle times its height, for a small one [common practice: Δ = δ · h]', () => {
  const after = expectValue(pulledFurther(LEG, 1, 1, { here: 1, next: null }));
  const foot = itemAt(LEG, 2);
  const h = distance(foot, itemAt(LEG, 1));
  expect(distance(itemAt(after, 2), foot)).toBeCloseTo((h * Math.PI) / 180, 0);
});

test('a bend behind it keeps its angle, its turn and its distance', () => {
  const twisted: Vec3[] = [...LEG, [560, 90, -1000]];
  const before = lraOf(twisted, [150, 150]);
  const after = lraOf(expectValue(pulledFurther(twisted, 1, 8, { here: 150, next: 150 })), [150, 150]);
  const [, second] = before.bends;
  const [, now] = after.bends;
  expect(now?.angle).toBeCloseTo(second?.angle ?? 0, 9);
  expect(now?.rotation).toBeCloseTo(second?.rotation ?? 0, 9);
  expect(after.tail).toBeCloseTo(before.tail, 9);
});

test.each([
  [120, 150, 'would close'],
  [60, 900, 'of the straight behind it'],
])('%d° further on a radius of %d is told: it does not go', (by, clr, words) => {
  const pulled = pulledFurther(LEG, 1, by, { here: clr, next: null });
  expect(pulled.ok ? '' : pulled.fault.message).toContain(words);
});
