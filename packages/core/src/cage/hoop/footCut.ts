import { degrees, radians } from '../../measure/index.ts';
import { type CarSide } from '../../plan/index.ts';
import { angleBetween, type Vec3 } from '../../space/index.ts';
import { angleFigure, floorNormal } from '../../survey/index.ts';
import { type FootCut } from './geometry.ts';
import { inCar } from './inCar.ts';

/** The cut of a leg that leans in by so much, in a plane that is tilted, to a floor that rises outward by its slope. Degrees */
export function footCut(side: CarSide, lean: number, tilt: number, slope: number): FootCut {
  // Both as on the left: the right foot is its mirror image.
  const axis: Vec3 = inCar(-Math.sin(radians(lean)), Math.cos(radians(lean)), tilt);
  return {
    side,
    across: angleFigure(lean - slope, { deg: lean }, "leg's lean −", { deg: slope }, "floor's slope"),
    along: tilt,
    total: degrees(angleBetween(axis, floorNormal(slope, 'left'))),
    off: 0,
  };
}
