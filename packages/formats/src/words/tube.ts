import { type BentTube, writtenLength } from '@gyrus/core';
import { roleWords } from './role.ts';

const kindWords: Record<string, string> = {
  welded: 'welded',
  'drawn-over-mandrel': 'drawn over mandrel',
  'cold-drawn-seamless': 'cold-drawn seamless',
  alloy: 'alloy',
};
/** A kind of tube as people say it. */
export const tubeKindWords = (kind: string): string => kindWords[kind] ?? kind;

/** A tube as people say it: `1 3/4 in × 0.095 in drawn over mandrel, batch 7731`. kind: null where nobody wrote it down. */
export const tubeWords = ({ od, wall, kind, batch }: BentTube): string =>
  `${writtenLength(od)} × ${writtenLength(wall)} ${kind ? tubeKindWords(kind) : 'of unknown kind'}${batch ? `, batch ${batch}` : ''}`;

/** The name of a tube with its hand, as it stands on every sheet: twins must not be made of one hand. */
export function pieceName(role: string, side: 'left' | 'right' | null): string {
  const name = roleWords(role).replace(/^./, (letter) => letter.toUpperCase());
  return side === null ? name : `${name}, ${side} hand of a pair`;
}
