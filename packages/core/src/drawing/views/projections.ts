import { type Vec3 } from '../../space/index.ts';
import { type Point } from '../drawing.ts';

/** From behind looking forward, from the left, from above; and from above the left rear corner. */
export type CageView = 'front' | 'side' | 'top' | 'corner';

/** One of the views that look along an axis of the car. */
export type SquareView = Exclude<CageView, 'corner'>;

/** Cosine and sine of the corner view: turned by 35° to the left of straight behind, and looking down by 25°. */
const TURN = [Math.cos(0.61), -Math.sin(0.61)] as const;
const TILT = [Math.cos(0.44), Math.sin(0.44)] as const;

/** To the right and up on the drawing, in mm, and how near to the eye: larger is nearer. */
export const PROJECTIONS: Record<CageView, (point: Vec3) => { right: number; up: number; near: number }> = {
  // Left is left; from the left side, forward is to the left; from above, forward is up.
  front: ([x, y, z]) => ({ right: -y, up: z, near: -x }),
  side: ([x, y, z]) => ({ right: -x, up: z, near: y }),
  top: ([x, y, z]) => ({ right: -y, up: x, near: z }),
  corner: ([x, y, z]) => ({
    right: -y * TURN[0] + x * TURN[1],
    up: (x * TURN[0] + y * TURN[1]) * TILT[1] + z * TILT[0],
    near: -(x * TURN[0] + y * TURN[1]) * TILT[0] + z * TILT[1],
  }),
};
/** To the right and up, in mm. */
export interface Flat {
  right: number;
  up: number;
}

/** Kept free above and below a picture where nothing else is said, for dimensions and stamps. Drawing units */
export const EDGE = 46;

/** The paper that a view is fitted to, in drawing units. */
export interface Frame {
  width: number;
  height: number;
  /** Free at the left and at the right. */
  aside: number;
  /** Above and below. */
  edge?: number;
  /** Less than so much is drawn no larger than that would be. mm */
  least?: number;
}

/** Points as large as the paper allows, in its middle; and how tall they are on it. */
export function fitted(points: readonly Flat[], { width, height, aside, edge = EDGE, least = 1 }: Frame) {
  const rights = points.map(({ right }) => right);
  const ups = points.map(({ up }) => up);
  const [left, right] = [Math.min(...rights), Math.max(...rights)];
  const [low, high] = [Math.min(...ups), Math.max(...ups)];
  const scale = Math.min(
    (width - 2 * aside) / Math.max(right - left, least),
    (height - 2 * edge) / Math.max(high - low, least),
  );
  const at = (point: Flat): Point => [
    width / 2 + (point.right - (left + right) / 2) * scale,
    height / 2 - (point.up - (low + high) / 2) * scale,
  ];
  return { at, scale, tall: (high - low) * scale };
}
