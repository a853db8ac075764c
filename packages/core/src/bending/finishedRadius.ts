import { fail, type Outcome, succeed } from '../fault/index.ts';
import { decided, radians } from '../measure/index.ts';

/** A test piece measured with a tape: its length before bending, both legs to the corner of the axes, the released angle. mm, degrees */
export interface TestPiece {
  length: number;
  legs: [a: number, b: number];
  released: number;
}

/**
 * Radius of a finished bend from the tape alone: R = (A + B − L0)/(2·tan(θ/2) − θ) [from geometry, handbook §5].
 * mm. One millimetre of tape error is 2.3 mm of radius at 90°.
 */
export function finishedRadius({ length, legs: [a, b], released }: TestPiece): Outcome<number> {
  const angle = radians(released);
  const gained = a + b - length;
  if (!(released > 0 && released < 180))
    return fail('angle', '/released', 'the released angle lies between 0 and 180°');
  if (decided(gained) <= 0)
    return fail(
      'legs',
      '/legs',
      'the two legs to the corner must be longer together than the piece was before bending',
    );
  return succeed(gained / gainedPerRadius(angle));
}

/** What the legs to the corner are longer than the tube that is in them, by the radius: 2·tan(θ/2) − θ. θ in radians */
const gainedPerRadius = (angle: number): number => 2 * Math.tan(angle / 2) - angle;

/** What an error of one millimetre of the tape is of the radius. mm; released in degrees */
export const tapeOnRadius = (released: number): number => 1 / gainedPerRadius(radians(released));
