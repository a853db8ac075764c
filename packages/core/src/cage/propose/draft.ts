import { type Attachment, type Bar, type BarRole, type BarShape, STRAIGHT } from '../../plan/index.ts';
import { type HoopGeometry } from '../hoop/geometry.ts';
import { type BendRoom } from '../shape/index.ts';
import { type Tube } from '../tube.ts';

/** What stands when a bar is proposed. */
export interface Standing {
  hoop: { id: string; geometry: HoopGeometry } | null;
  /** The first member of each role, by its id, and whether it is a pair. */
  members: Map<string, { id: string; pair: Bar['pair'] }>;
  tubes: Tube[];
  /** Whether the body was measured where a front hoop follows it. */
  sectioned: boolean;
  /** What the die of the bar to be asks of its bends. */
  room: BendRoom;
  /** Its outside diameter. mm */
  od: number;
  /** Every diagonal in the hoop's plane. */
  diagonals: string[];
}

/** The part of a bar that its role decides. */
export interface Draft {
  ends: { a: Attachment; b: Attachment };
  shape: BarShape;
  pair: Bar['pair'];
  /** Split by these members where it crosses them. */
  splitBy: string[];
  /** The draft before this one splits it: the second bar of an X. */
  splitByFirst: boolean;
  /** What differs on the right of a pair. */
  right: Bar['right'];
}

/** What must stand first. */
export interface Needs {
  needs: BarRole | 'main-hoop';
}

/** Why nothing is proposed: there is no place for it in this cage. */
export interface NoPlace {
  noPlace: string;
}

/** A straight bar between two ends, unless it is told otherwise. */
export const bar = (a: Attachment, b: Attachment, more: Partial<Draft> = {}): Draft => ({
  ends: { a, b },
  shape: STRAIGHT,
  pair: 'single',
  splitBy: [],
  splitByFirst: false,
  right: null,
  ...more,
});
/** The left tube of a mirrored pair. */
export const pair = (a: Attachment, b: Attachment, more: Partial<Draft> = {}): Draft =>
  bar(a, b, { pair: 'mirrored', ...more });
