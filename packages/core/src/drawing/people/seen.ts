import { type Vec3 } from '../../space/index.ts';

/** From where people in a cage are seen. */
export type PeopleView = 'side' | 'top' | 'behind';

/**
 * To the right and up on the drawing, and how near to the eye, in mm: from the left side, forward is to the left; from above, forward is
 * up; from behind, left is left.
 */
export const SEEN: Record<PeopleView, (at: Vec3) => readonly [right: number, up: number, near: number]> = {
  side: ([x, y, z]) => [-x, z, y],
  top: ([x, y, z]) => [-y, x, z],
  behind: ([x, y, z]) => [-y, z, -x],
};
