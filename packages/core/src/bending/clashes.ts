import { itemAt } from '../items/index.ts';
import { decided } from '../measure/index.ts';
import { type MarkedBlank, type PlacedBend } from './marks.ts';

/** What the machine needs of the tube. mm, degrees. */
export interface MachineNeeds {
  /** Straight that the clamp holds ahead of the bend. */
  clampLength: number;
  /** Straight that must lie behind the bend. */
  trailing: number;
  /** Largest released angle in one pull; null where none is known. */
  largestAngle: number | null;
  /** The longest stick the shop has; null where none is known. */
  longestStick: number | null;
}

/** Something that the machine or the stick cannot do, with the measured value and its limit. mm or degrees. */
export interface Clash {
  code: 'clamp-straight' | 'trailing-straight' | 'largest-angle' | 'longest-stick' | 'mark-off-blank';
  /** Number of the bend; null for the blank. */
  bend: number | null;
  measured: number;
  limit: number;
}

/** Holds the marked blank against the machine. Empty where all of it can be bent. */
export function clashesOf(marked: MarkedBlank, needs: MachineNeeds): Clash[] {
  const clashes = marked.bends.flatMap((bend, i) => bendClashes(marked, bend, i, needs));
  const { longestStick } = needs;
  if (longestStick !== null && decided(marked.blank - longestStick) > 0)
    clashes.push({ code: 'longest-stick', bend: null, measured: marked.blank, limit: longestStick });
  return clashes;
}

function bendClashes(marked: MarkedBlank, bend: PlacedBend, i: number, needs: MachineNeeds): Clash[] {
  const { clampLength, trailing, largestAngle } = needs;
  const straights = straightsBeside(marked, i);
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

/** The straights on both sides of a bend as the machine meets them: at the ends, the trim belongs to them. mm */
export function straightsBeside({ blank, bends }: MarkedBlank, i: number): { a: number; b: number } {
  const bend = itemAt(bends, i);
  return {
    a: bend.tangentA - (bends[i - 1]?.tangentB ?? 0),
    b: (bends[i + 1]?.tangentA ?? blank) - bend.tangentB,
  };
}
