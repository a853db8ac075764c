import { fail, type Outcome, succeed } from '../../../fault/index.ts';
import { itemAt } from '../../../items/index.ts';
import { type CarSide } from '../../../plan/index.ts';
import { type Vec3 } from '../../../space/index.ts';
import { type Halves } from './halves.ts';
import { hoopFeatures } from '../hoopFeatures.ts';
import { inCar } from '../inCar.ts';

/** Both sides of a car. */
export const SIDES = ['left', 'right'] as const;

/** A leg that goes down on its own side; figures of another kind are no hoop. */
export function reachable(halves: Halves): Outcome<Halves> {
  for (const side of SIDES) {
    const { points } = halves[side];
    if (points.some(({ out }) => out <= 0))
      return fail(
        'no-width',
        '',
        `the ${side} leg comes out across the middle of the hoop: check its lengths and angles`,
      );
    if (itemAt(points, -1).up >= 0)
      return fail(
        'no-height',
        '',
        `the ${side} leg ends no lower than the crown: check its lengths and angles`,
      );
  }
  return succeed(halves);
}

/** A hoop of two halves as it stands on its feet. */
interface StandingHalves {
  /** The axis of its crown, along its plane from the floor. mm */
  crown: number;
  /** From the left foot to the right. Car's frame, mm; its plane meets the floor at the origin. */
  points: Vec3[];
  features: string[];
  bySample: (number | null)[];
}

/** Halves side by side, level, as high as the longer leg needs. footUp: of each foot, along the plane from the floor, mm. tilt: degrees */
export function halvesInCar(halves: Halves, footUp: (side: CarSide) => number, tilt: number): StandingHalves {
  const crown = Math.max(...SIDES.map((side) => footUp(side) - itemAt(halves[side].points, -1).up));
  const placed = (side: CarSide) =>
    halves[side].points.map(({ out, up, fore }) =>
      inCar(side === 'left' ? out : -out, crown + up, tilt, fore),
    );
  const named = (side: CarSide) =>
    hoopFeatures(halves[side].points.length - 1).map((feature) => `${feature}-${side}`);
  return {
    crown,
    points: [...placed('left').reverse(), ...placed('right')],
    features: [...named('left').reverse(), ...named('right')],
    bySample: [...[...halves.left.bySample].reverse(), ...halves.right.bySample],
  };
}
