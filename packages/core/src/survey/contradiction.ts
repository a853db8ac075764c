import { decided, degrees } from '../measure/index.ts';
import { type CarSide, type Distrusted } from '../plan/index.ts';
import { alongPlane, leanFromWidths, riseFromLean, widthFromLean } from './axis.ts';
import { type Figure } from './figure.ts';
import { type MeasuredSection, type WallSide } from './section.ts';

/** A wall whose lean by protractor and by widths cannot both be right. Degrees and mm. */
export interface Contradiction {
  side: CarSide;
  fromWidths: Figure;
  protractor: number;
  /** What tape and protractor could explain. */
  allowed: number;
  /** The half width at the foot of the leaning wall as it was read, and as roof and protractor have it. */
  lower: number;
  lowerByProtractor: Figure;
  /** The half width at the roof as it was read, and as the width below and the protractor have it. */
  roof: number;
  roofByProtractor: Figure;
  /** From the foot of the leaning wall up to the crown's axis: as it was read, and as widths and protractor have it. */
  rise: number;
  riseByBoth: Figure | null;
}

/** What a tape and a protractor are trusted to. mm and degrees */
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
    lower,
    lowerByProtractor: widthFromLean(wall.roof, wall.protractor, rise),
    roof: wall.roof,
    roofByProtractor: widthFromLean(lower, -wall.protractor, rise),
    rise,
    riseByBoth: riseFromLean(lower, wall.roof, wall.protractor),
  };
}

/** The part of the wall that leans: from the lean's height or, where none was found, from the floor. */
function leaningPart(wall: WallSide, { leanHeight, tilt }: MeasuredSection, crownHeight: number) {
  const whole = wall.lean === null || leanHeight === null;
  const rise = alongPlane(crownHeight - (whole ? 0 : leanHeight), tilt);
  return { lower: whole ? wall.floor : wall.lean, rise } as { lower: number; rise: number };
}

/** The section with one of the readings of its leaning walls left out: that one follows from the others. */
export function sectionWithout(
  section: MeasuredSection,
  distrusted: Distrusted,
  crownHeight: number,
): MeasuredSection {
  const correct = (wall: WallSide): WallSide => {
    if (wall.protractor === null || distrusted === 'protractor') return wall;
    const { lower, rise } = leaningPart(wall, section, crownHeight);
    if (distrusted === 'roof-width')
      return { ...wall, roof: widthFromLean(lower, -wall.protractor, rise).value };
    const corrected = widthFromLean(wall.roof, wall.protractor, rise).value;
    return wall.lean === null || section.leanHeight === null
      ? { ...wall, floor: corrected }
      : { ...wall, lean: corrected };
  };
  return { ...section, left: correct(section.left), right: correct(section.right) };
}
