import {
  type BendSheet,
  type Die,
  endsMoved,
  formatAngle,
  formatWithUnit,
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
  const steps = [stepWords(sheet, bend, to, off.to, style), stepWords(sheet, bend, next, off.next, style)];
  return `Between two steps of the dial: ${steps.join('; ')}`;
}

/** The same for all bends of a sheet in one line, the lower steps alone; null where the dial has every reading. */
export function dialLine(sheet: BendSheet, style: LengthStyle): string | null {
  const bends = sheet.bends.flatMap((bend) => {
    const { next, off } = bend.dial;
    if (next === null) return [];
    const { far } = endsMoved(sheet.marked, bend.number, off.to);
    return [`bend ${bend.number} ${formatAngle(-off.to)}° (far end off by ${formatWithUnit(far, style)})`];
  });
  return bends.length > 0 ? `Pulled to the lower step of the dial they lack: ${bends.join(', ')}.` : null;
}

/** One step: `88° is 0.4° short (far end off by 8, ends 7 farther apart)`. */
function stepWords(sheet: BendSheet, bend: SheetBend, at: number, off: number, style: LengthStyle): string {
  const { far, apart } = endsMoved(sheet.marked, bend.number, off);
  const way = off < 0 ? `${formatAngle(-off)}° short` : `${formatAngle(off)}° over`;
  const ends = `ends ${formatWithUnit(Math.abs(apart), style)} ${apart < 0 ? 'nearer' : 'farther apart'}`;
  return `${formatAngle(at)}° is ${way} (far end off by ${formatWithUnit(far, style)}, ${ends})`;
}

/** What the dial reads before the pull, where that is not nothing; null else. */
export const zeroWords = ({ die }: Pick<SheetBend, 'die'>): string | null =>
  die.dialZero && die.dialZero.deg !== 0
    ? `The dial reads ${formatAngle(die.dialZero.deg)}° before the pull`
    : null;

/** A die by what it takes and its radius: `2 in tube, radius 6 in`. */
export const dieWords = ({ od, clr }: Pick<Die, 'od' | 'clr'>): string =>
  `${writtenLength(od)} tube, radius ${writtenLength(clr)}`;
