import { setbackOf } from '../../centreline/index.ts';
import { halve, radians } from '../../measure/index.ts';

/** The crown of a rolled hoop: one arc of the roller between the two corner bends. mm and degrees. */
export interface RolledCrown {
  /** Slope of the crown where it leaves a corner; the roller turns twice this. */
  slope: number;
  radius: number;
  /** The crown's PI above the corners' PIs. */
  corner: number;
}

/** Straight left between a corner's bend and the arc, so that neither tool marks the other's work. mm, common practice */
const LEAD = 25;

/**
 * An arc whose top stands `rise` above the corners' PIs. half: from the middle to a corner; lean: of the leg, from upright;
 * clr: of the corner bends. null where no arc does it.
 */
export function rolledCrown(half: number, rise: number, lean: number, clr: number): RolledCrown | null {
  const arcAt = (slope: number) => {
    const tangent = half / Math.cos(radians(slope)) - setbackOf(clr, 90 - lean - slope) - LEAD;
    const radius = tangent / Math.tan(radians(slope));
    const corner = half * Math.tan(radians(slope));
    return { slope, radius, corner, rise: corner - radius * (1 / Math.cos(radians(slope)) - 1), tangent };
  };
  const STEEPEST = 60;
  if (rise <= 0 || arcAt(0.01).tangent <= 0 || arcAt(STEEPEST).rise < rise) return null;
  const { radius, corner, slope } = arcAt(halve(0.01, STEEPEST, (at) => arcAt(at).rise - rise));
  return { slope, radius, corner };
}
