import {
  type BendToCome,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type StillBecomes,
} from '@gyrus/core';

/** What a piece can still become, and where its other bends then go: `It can still be this tube: move every mark to come by 12 mm toward end B.` */
export function stillBecomesWords(becomes: StillBecomes, style: LengthStyle): string {
  const { stamp, own, turned, shift, cut, toCome } = becomes;
  const length = (mm: number) => formatWithUnit(Math.abs(mm), style);
  const what = own ? 'this tube' : stamp;
  const round = turned ? ' turned end for end, its end A toward end B of the blank' : '';
  const marks =
    shift === null
      ? toCome.map((bend) => toComeWords(bend, style)).join('; ')
      : toCome.length > 0 &&
        `move every mark to come by ${length(shift)} toward end ${shift < 0 ? 'A' : 'B'}`;
  return `It can still be ${what}${round}${marks ? `: ${marks}` : ''}. Then ${length(cut[0])} is cut off end A of the blank and ${length(cut[1])} off end B.`;
}

const toComeWords = ({ bend, mark, clamp, reading, turn }: BendToCome, style: LengthStyle): string =>
  `its bend ${bend} at ${formatWithUnit(mark, style)} from end A, clamp toward ${clamp.toUpperCase()}, ${
    Math.abs(turn) < LEVEL
      ? 'level with the bend before'
      : `turned ${formatAngle(turn)}° from the bend before (seen A to B)`
  }, pulled to ${formatAngle(reading)}°`;

/** A turn of less is none. Degrees */
const LEVEL = 0.05;
