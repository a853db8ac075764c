import { radians } from '../../measure/index.ts';
import { type Vec3 } from '../../space/index.ts';

/**
 * From the plane of a hoop, tilted to the rear, into the car's frame. y: to the left; up: along the plane from the floor; fore: out of
 * the plane, forward. mm, degrees
 */
export function inCar(y: number, up: number, tilt: number, fore = 0): Vec3 {
  const [sin, cos] = [Math.sin(radians(tilt)), Math.cos(radians(tilt))];
  return [fore * cos - up * sin + 0, y, fore * sin + up * cos];
}
