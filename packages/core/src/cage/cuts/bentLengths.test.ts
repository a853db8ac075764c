import { cornersOf, layOut, piecesOf } from '../../centreline/index.ts';
import { expectValue } from '../../fault/index.ts';
import { bentLengths } from './bentLengths.ts';
import { type Tube } from '../tube.ts';

const IN = 25.4;

/** A flat hoop with upright legs 40 in high and 50 in apart on the axis, CLR 6 in, 2 in tube. */
function hoop(): Tube {
  const points: [number, number, number][] = [
    [0, 25 * IN, 0],
    [0, 25 * IN, 40 * IN],
    [0, -25 * IN, 40 * IN],
    [0, -25 * IN, 0],
  ];
  const corners = expectValue(cornersOf({ points, clr: 6 * IN }));
  const lra = expectValue(layOut(corners));
  return { axis: piecesOf(corners, lra), od: 2 * IN, developed: lra.developed } as Tube;
}

test('a bent tube has lengths that a tape finds: straights, feet, and the box it lies in', () => {
  const found = bentLengths(hoop(), 0, 0);
  // A right angle's setback is its radius: 40 − 6 [handbook §2]
  expect(found?.toTangent.map((one) => one / IN)).toEqual([expect.closeTo(34, 9), expect.closeTo(34, 9)]);
  expect((found?.endToEnd ?? 0) / IN).toBeCloseTo(50, 9);
  // Outside to outside: 50 + 2 across, 40 + 1 up, the tube's own thickness deep.
  expect(found?.box.map((one) => one / IN)).toEqual([
    expect.closeTo(52, 4),
    expect.closeTo(41, 4),
    expect.closeTo(2, 4),
  ]);
});

test('what the copes take off comes off the straights; a straight tube has its tape', () => {
  expect((bentLengths(hoop(), IN, 2 * IN)?.toTangent ?? []).map((one) => one / IN)).toEqual([
    expect.closeTo(33, 9),
    expect.closeTo(32, 9),
  ]);
  const points: [number, number, number][] = [
    [0, 0, 0],
    [0, 0, 500],
  ];
  const corners = expectValue(cornersOf({ points, clr: [] }));
  const straight = { axis: piecesOf(corners, expectValue(layOut(corners))), od: 40 } as Tube;
  expect(bentLengths(straight, 0, 0)).toBeNull();
});
