import { fail, type Outcome, succeed, told } from '../fault/index.ts';
import { DECISION, radians } from '../measure/index.ts';

/** Setback of a bend, from its PI to either tangent point: CLR·tan(θ/2). Angle in degrees, result in mm. */
export const setbackOf = (clr: number, angle: number): number => clr * Math.tan(radians(angle) / 2);

/** Arc length along the axis, CLR·θ. Angle in degrees, result in mm. */
export const arcOf = (clr: number, angle: number): number => clr * radians(angle);

/**
 * A straight that may be nothing: noise is taken as zero, a real shortfall is a fault that names the bend.
 * largestClr: the radius that would leave nothing, where both bends have one.
 */
export function straightOf(
  left: number,
  bend: number,
  bendBefore?: number,
  side: 'before' | 'after' = 'before',
  largestClr?: number,
): Outcome<number> {
  if (left >= -DECISION) return succeed(Math.max(left, 0));
  const where =
    bendBefore === undefined ? `${side} bend ${bend}` : `between bend ${bendBefore} and bend ${bend}`;
  return fail(
    'negative-straight',
    `/points/${bend}`,
    told`the straight ${where} comes out at ${{ mm: left, fine: true }}: move the points ${{ mm: -left, round: 'up' }} apart or take ${
      largestClr === undefined
        ? 'a smaller radius'
        : told`a radius of ${{ mm: largestClr, round: 'down' }} at most`
    }`,
  );
}
