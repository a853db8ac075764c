import {
  type BendSheet,
  type Die,
  endsMoved,
  fineLength,
  formatAngle,
  type LengthStyle,
  type SheetBend,
  writtenLength,
} from '@gyrus/core';

/**
 * What a dial of steps makes of a pull that lies between two of them, the lower first: it can be pulled further, and never be opened.
 * null where the dial has the very reading.
 */
export function dialWords(sheet: BendSheet, bend: SheetBend, style: LengthStyle): string | null {
  const { to, next, off } = bend.dial;
  if (next === null || off.next === null) return null;
  return `Between two steps of the dial: ${stepWords(sheet, bend, to, off.to, style)}; ${stepWords(sheet, bend, next, off.next, style)}`;
}

/** One step: `88° leaves it 0.4° short, the far end 8 mm off and the ends 7 mm wider apart`. */
function stepWords(sheet: BendSheet, bend: SheetBend, at: number, off: number, style: LengthStyle): string {
  const { far, apart } = endsMoved(sheet.marked, bend.number, off);
  const way = off < 0 ? `leaves it ${formatAngle(-off)}° short` : `is ${formatAngle(off)}° over`;
  const ends = `the ends ${fineLength(Math.abs(apart), style)} ${apart < 0 ? 'nearer' : 'farther apart'}`;
  return `${formatAngle(at)}° ${way}, the far end ${fineLength(far, style)} off and ${ends}`;
}

/** What the dial reads before the pull, where that is not nothing; null else. */
export const zeroWords = ({ die }: Pick<SheetBend, 'die'>): string | null =>
  die.dialZero && die.dialZero.deg !== 0
    ? `the dial reads ${formatAngle(die.dialZero.deg)}° before the pull`
    : null;

/** A die by what it takes and its radius: `2 in tube, radius 6 in`. */
export const dieWords = ({ od, clr }: Pick<Die, 'od' | 'clr'>): string =>
  `${writtenLength(od)} tube, radius ${writtenLength(clr)}`;
