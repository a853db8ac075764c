import { fail, type Outcome, succeed } from '../fault/index.ts';
import { decided, radians } from '../measure/index.ts';

/** A test piece measured with a tape: its length before bending, both legs to the corner of the axes, the released angle. */
export interface TestPiece {
  cut: number;
  legA: number;
  legB: number;
  /** Degrees. */
  released: number;
}

/**
 * Radius of a finished bend from the tape alone: R = (A + B − L0)/(2·tan(θ/2) − θ) [from geometry, handbook §5].
 * mm. One millimetre of tape error is 2.3 mm of radius at 90°.
 */
export function finishedRadius({ cut, legA, legB, released }: TestPiece): Outcome<number> {
  const angle = radians(released);
  const gained = legA + legB - cut;
  if (!(released > 0 && released < 180))
    return fail('angle', '/released', 'the released angle lies between 0 and 180°');
  if (decided(gained) <= 0)
    return fail('legs', '/legA', 'the two legs to the corner must be longer together than the piece was cut');
  return succeed(gained / (2 * Math.tan(angle / 2) - angle));
}
