import { radians } from '../measure/index.ts';
import { type CarSide, type Survey } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';

/** Straight up from a floor that rises outward by so much on one side of the car, and is level fore and aft. slope in degrees; length 1 */
export const floorNormal = (slope: number, side: CarSide): Vec3 => [
  0,
  (side === 'left' ? -1 : 1) * Math.sin(radians(slope)) + 0,
  Math.cos(radians(slope)),
];

/** The floor under a foot of the main hoop as it was measured; level where its slope was not. */
export const floorUnder = ({ measures }: Pick<Survey, 'measures'>, side: CarSide): Vec3 =>
  floorNormal((side === 'left' ? measures.floorSlopeLeft : measures.floorSlopeRight)?.deg ?? 0, side);
