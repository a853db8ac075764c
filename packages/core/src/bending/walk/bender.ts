import { type Vec3 } from '../../space/index.ts';

/** How a machine bends, which says what of the tube stands still. */
export const BENDER_KINDS = [
  'draw-hand',
  'draw-air',
  'draw-hydraulic',
  'ram',
  'compression',
  'roller',
] as const;
/** Rotary draw by hand, air or hydraulics; ram; compression; roller for large radii. */
export type BenderKind = (typeof BENDER_KINDS)[number];

/** Which way the bent side goes, seen along the feed: on a bed that lies, to the left or the right; on one that stands, up or down. */
export const SWINGS = ['left', 'right', 'up', 'down'] as const;
/** Which way the bent side goes, seen along the feed. */
export type Swing = (typeof SWINGS)[number];

/** The four walls, by where they stand from the die's centre as the tube is fed. */
export const WALLS = ['ahead', 'behind', 'left', 'right'] as const;
/** A wall, by where it stands from the die's centre. */
export type Wall = (typeof WALLS)[number];

/** Something solid of the machine or beside it, by two opposite corners. Machine's frame, mm. */
export interface FrameBox {
  name: string;
  from: Vec3;
  to: Vec3;
}

/**
 * A bender in its room. Machine's frame, mm: the origin on the floor under the die's centre, x the way the tube is fed (the clamp is ahead),
 * y to the left of it, z up.
 */
export interface Bender {
  kind: BenderKind;
  swing: Swing;
  /** The tube's axis over the floor as it lies in the die; null where it was not measured. */
  height: number | null;
  /** From the die's centre; null where none is near enough to be measured. */
  walls: Record<Wall, number | null>;
  frame: FrameBox[];
  /** Where the operator stands, [x, y]; null where it was not said. */
  operator: readonly [number, number] | null;
}
