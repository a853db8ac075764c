import { cornersOf, layOut, piecesOf } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { INCH } from '../measure/index.ts';
import { copeOf } from './profile.ts';

const tube = (points: [number, number, number][], clr: number[] = []) => {
  const corners = expectValue(cornersOf({ points, clr }));
  return piecesOf(corners, expectValue(layOut(corners)));
};
const OD = 38.1;
const branch = {
  od: OD,
  wall: 2.413,
  axis: tube([
    [0, 0, 0],
    [0, 0, 400],
  ]),
};

/** A header along x whose middle is rolled to a radius, its crown at the origin. */
function rolled(radius: number) {
  const half = 300;
  const slope = half / radius;
  const up = half * Math.tan(slope / 2);
  return {
    od: OD,
    axis: tube(
      [
        [-2 * half, 0, -3 * up],
        [0, 0, 0],
        [2 * half, 0, -3 * up],
      ],
      [radius],
    ),
  };
}
const copeOn = (radius: number) => expectValue(copeOf(branch, 'a', [rolled(radius)], 180));

test('a header that bows by a hundredth of an inch under the branch is straight enough for a notcher, by figure', () => {
  // The sagitta of a chord, c²/(8R); as wide as the branch on the header's outside, so less by R/(R + OD/2) on its axis.
  const radius = OD ** 2 / (8 * 0.009 * INCH);
  const chord = (OD * radius) / (radius + OD / 2);
  const { passes, why } = copeOn(radius);
  expect(why).toBeNull();
  expect(passes[0]?.bow).toBeCloseTo(chord ** 2 / (8 * radius), 3);
  expect(passes[0]?.holeSaw).toBe(OD);
});

test('one that bows by more is a bend: no setting of a notcher makes it', () => {
  const { passes, why } = copeOn(OD ** 2 / (8 * 0.02 * INCH));
  expect(passes).toEqual([]);
  expect(why).toBe('the branch lands on a bend of the header');
});

test('a straight header has no bow', () => {
  const straight = {
    od: OD,
    axis: tube([
      [-300, 0, 0],
      [300, 0, 0],
    ]),
  };
  expect(expectValue(copeOf(branch, 'a', [straight], 180)).passes[0]?.bow).toBe(0);
});
