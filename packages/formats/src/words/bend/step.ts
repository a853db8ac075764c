import {
  type FootCut,
  type BendStep,
  formatAngle,
  formatLength,
  type LengthStyle,
  type SheetBend,
  type TapeHook,
} from '@gyrus/core';

/** Where the tape is hooked and which way it runs: `toward A from centre`, `from end A`. */
export function markSide({ datum, words, reads }: TapeHook, bend: SheetBend): string {
  if (datum !== 'centre') return words;
  return reads(bend.mark) < 0 ? 'toward A from centre' : 'toward B from centre';
}

/** What the machine has at the mark. */
export const referenceWords: Record<SheetBend['die']['reference'], string> = {
  start: "die's start line to the mark",
  centre: 'centre of the die to the mark',
  end: "die's end line to the mark",
};

/** What is lined up on the mark: with an offset it is the clamp's edge, a fixed way ahead of the tangent. */
export function lineUpWords(bend: SheetBend): string {
  return bend.die.reference === 'start' && bend.die.offset.mm > 0
    ? 'clamp edge to the mark'
    : referenceWords[bend.die.reference];
}

/** Which way round the tube lies: `clamp toward B; the bend runs toward A`. */
export function clampWords(bend: SheetBend): string {
  const clamp = bend.clampSide.toUpperCase();
  return `clamp toward ${clamp}; the bend runs toward ${clamp === 'A' ? 'B' : 'A'}`;
}

/** How the tube lies before this pull, compared with the one before. */
export function turnWords(step: BendStep, first: boolean, style: LengthStyle): string {
  if (first) return 'any way round, seam on the neutral side';
  const round = Math.abs(step.turn) < 0.05;
  const turn = round
    ? 'level with the last bend, 0°'
    : `turn ${formatAngle(step.turn)}° (${formatLength(Math.abs(step.turnOnSurface), style)} round the tube, seen A to B)`;
  return step.endForEnd ? `end for end; ${turn}` : turn;
}

/** What it means when a hoop comes out wider or narrower at its feet than its figure, and what helps (handbook §12). */
export const widthWords: readonly string[] = [
  'Wider than the figure at its feet: under-bent. Pull a little more, or draw the feet together with a strap.',
  'Narrower: over-bent. Push the feet apart with a spreader, or scrap it: a bend is never opened in the die.',
  'What a strap or a spreader takes out springs back when it is let go; hold it with the harness bar or a cross bar.',
];

/** What the saw is set to for a foot: the slant seen from behind and that from the side together. */
export const footSawWords = ({ side, total }: FootCut): string => `${side} ${formatAngle(total)}° at the saw`;

/** How a foot is cut, seen from behind: `left 4.6° off square, long on the outside`. */
export function footWords(foot: FootCut): string {
  const across = foot.across.value;
  const size = formatAngle(Math.abs(across));
  if (size === '0') return `${foot.side} square`;
  return `${foot.side} ${size}° off square, long on the ${across > 0 ? 'outside' : 'inside'}`;
}
