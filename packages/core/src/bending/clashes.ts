import { decided } from '../measure/index.ts';
import { type MarkedBlank, type PlacedBend } from './marks.ts';
import { straightsBeside } from './straights.ts';

/** What the machine needs of the tube. mm, degrees. */
export interface MachineNeeds {
  /** Straight that the clamp holds ahead of the bend. */
  clampLength: number;
  /** Straight that must lie behind the bend. */
  trailing: number;
  /** Largest released angle in one pull; null where none is known. */
  largestAngle: number | null;
}

/** Something that the machine or the stick cannot do, with the measured value and its limit. mm or degrees. */
export interface Clash {
  code: 'clamp-straight' | 'trailing-straight' | 'largest-angle' | 'longest-stick' | 'mark-off-blank';
  /** Number of the bend; null for the blank. */
  bend: number | null;
  measured: number;
  limit: number;
}

/** Holds the marked blank against the stick that it is cut from. */
export function stickClashes(marked: Pick<MarkedBlank, 'blank'>, longestStick: number | null): Clash[] {
  const clashes: Clash[] = [];
  if (longestStick !== null && decided(marked.blank - longestStick) > 0)
    clashes.push({ code: 'longest-stick', bend: null, measured: marked.blank, limit: longestStick });
  return clashes;
}

/**
 * Holds one bend of the marked blank against its die. Empty where it can be bent. made: the bends that are there before it; what is not
 * bent yet is straight.
 */
export function bendClashes(
  marked: MarkedBlank,
  bend: PlacedBend,
  { clampLength, trailing, largestAngle }: MachineNeeds,
  made?: ReadonlySet<number>,
): Clash[] {
  const straights = straightsBeside(marked, bend.number, made);
  const ahead = bend.clampSide === 'a' ? straights.a : straights.b;
  const behind = bend.clampSide === 'a' ? straights.b : straights.a;
  const clashes: Clash[] = [];
  const add = (code: Clash['code'], measured: number, limit: number) =>
    clashes.push({ code, bend: bend.number, measured, limit });
  if (decided(ahead - clampLength) < 0) add('clamp-straight', ahead, clampLength);
  if (decided(behind - trailing) < 0) add('trailing-straight', behind, trailing);
  if (largestAngle !== null && decided(bend.angle - largestAngle) > 0)
    add('largest-angle', bend.angle, largestAngle);
  if (decided(bend.mark) < 0 || decided(bend.mark - marked.blank) > 0)
    add('mark-off-blank', bend.mark, marked.blank);
  return clashes;
}
