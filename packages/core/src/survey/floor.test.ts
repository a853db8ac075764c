import { radians } from '../measure/index.ts';
import { dot } from '../space/index.ts';
import { floorNormal, floorUnder } from './floor.ts';

test('a floor that rises outward leans its normal inward, on either side', () => {
  for (const [side, out] of [
    ['left', 1],
    ['right', -1],
  ] as const) {
    const normal = floorNormal(3, side);
    // Straight up from the slope: outward along the floor it is square to it.
    expect(dot(normal, [0, out * Math.cos(radians(3)), Math.sin(radians(3))])).toBeCloseTo(0, 12);
    expect(dot(normal, normal)).toBeCloseTo(1, 12);
    expect(Math.sign(normal[1])).toBe(-out);
    expect(floorNormal(0, side)).toEqual([0, 0, 1]);
  }
});

test('the floor is that of its own side, and level where nobody measured it', () => {
  const measures = { floorSlopeLeft: { deg: 2, typed: '2' } };
  expect(floorUnder({ measures }, 'left')).toEqual(floorNormal(2, 'left'));
  expect(floorUnder({ measures }, 'right')).toEqual([0, 0, 1]);
});
