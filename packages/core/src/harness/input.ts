import { z } from 'zod';
import { coordinate, oneOf, say, size } from '../fault/index.ts';

const point = z.tuple([coordinate('x'), coordinate('z')], say('a point [x, z] in mm'));

/** A shoulder strap in side view: x forward, z up. */
export const strapInput = z.strictObject({
  slot: point,
  bar: point,
  barOd: size("the bar's outside diameter"),
  attach: oneOf(['tab', 'over', 'under'], 'how the strap is fastened'),
});
/** A strap's slot and its bar in side view, and how it is fastened. mm, x forward, z up */
export type StrapInput = z.infer<typeof strapInput>;
