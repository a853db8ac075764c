import { decided, degrees } from '../measure/index.ts';
import { type CarSide } from '../plan/index.ts';
import { alongPlane, leanFromWidths, widthFromLean } from './axis.ts';
import { type Figure } from './figure.ts';
import { type MeasuredSection, type WallSide } from './section.ts';

/** A wall whose lean by protractor and by widths cannot both be right. Degrees and mm. */
export interface Contradiction {
  side: CarSide;
  fromWidths: Figure;
  protractor: number;
  /** What tape and protractor could explain. */
  allowed: number;
  /** The half width at the foot of the leaning wall, by each. */
  lowerByWidths: number;
  lowerByProtractor: Figure;
}

export interface MeasuringError {
  mm: number;
  deg: number;
}

/**
 * Walls whose protractor reading differs from what the widths say by more than the instruments' error.
 * crownHeight: of the tube's axis, upright, mm: roof widths are taken there.
 */
export const contradictions = (
  section: MeasuredSection,
  crownHeight: number,
  error: MeasuringError,
): Contradiction[] =>
  [section.left, section.right].flatMap((wall) => contradictionOf(wall, section, crownHeight, error) ?? []);

function contradictionOf(
  wall: WallSide,
  section: MeasuredSection,
  crownHeight: number,
  error: MeasuringError,
): Contradiction | null {
  if (wall.protractor === null) return null;
  const { lower, rise } = leaningPart(wall, section, crownHeight);
  if (rise <= 0) return null;
  const fromWidths = leanFromWidths(lower, wall.roof, rise);
  const allowed = error.deg + degrees(Math.atan2(error.mm, rise));
  if (decided(Math.abs(fromWidths.value - wall.protractor) - allowed) <= 0) return null;
  return {
    side: wall.side,
    fromWidths,
    protractor: wall.protractor,
    allowed,
    lowerByWidths: lower,
    lowerByProtractor: widthFromLean(wall.roof, wall.protractor, rise),
  };
}

/** The part of the wall that leans: from the lean's height or, where none was found, from the floor. */
function leaningPart(wall: WallSide, { leanHeight, tilt }: MeasuredSection, crownHeight: number) {
  const whole = wall.lean === null || leanHeight === null;
  const rise = alongPlane(crownHeight - (whole ? 0 : leanHeight), tilt);
  return { lower: whole ? wall.floor : wall.lean, rise } as { lower: number; rise: number };
}

/** The section with the protractor believed: the roof's width stays, the wall below follows from the angle. */
export function trustingProtractor(section: MeasuredSection, crownHeight: number): MeasuredSection {
  const correct = (wall: WallSide): WallSide => {
    if (wall.protractor === null) return wall;
    const { rise } = leaningPart(wall, section, crownHeight);
    const lower = widthFromLean(wall.roof, wall.protractor, rise).value;
    return wall.lean === null || section.leanHeight === null
      ? { ...wall, floor: lower }
      : { ...wall, lean: lower };
  };
  return { ...section, left: correct(section.left), right: correct(section.right) };
}
