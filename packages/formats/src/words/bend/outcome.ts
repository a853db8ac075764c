import {
  type BendSheet,
  type Errors,
  formatWithUnit,
  keysOf,
  type LengthStyle,
  type Pair,
  releasedWidths,
} from '@gyrus/core';
import { featureName } from '../feature.ts';

/** A pair of a tube's ends or bends: `feet`, `knee, left to knee, right`. */
export function pairWords({ bends }: Pick<BendSheet, 'bends'>, [from, to]: Pair, hoop: boolean): string {
  const [a, b] = [bends[from - 1], bends[to - 1]];
  if (a && b) return `${featureName(a.feature)} to ${featureName(b.feature)}`;
  return hoop ? 'foot to foot' : 'end to end';
}

const CAUSES: Record<keyof Errors, string> = { mark: 'marks', angle: 'angles', rotation: 'turns' };

/** Which kind of error spreads a width most: `Angles are 97 % of what spreads the ends, marks 2 %, turns 1 %.` */
export function causeWords(shares: Errors): string {
  const sorted = keysOf(shares).sort((a, b) => shares[b] - shares[a]);
  if (sorted.every((kind) => shares[kind] === 0)) return 'Without errors nothing spreads.';
  const [first, ...rest] = sorted.map((kind) => ({
    name: CAUSES[kind],
    share: Math.round(100 * shares[kind]),
  }));
  if (!first) return '';
  const others = rest.map(({ name, share }) => `${name} ${share} %`).join(', ');
  return `${first.name.charAt(0).toUpperCase()}${first.name.slice(1)} are ${first.share} % of what spreads the ends, ${others}.`;
}

/** What the interval of the released angles does to the ends, for the sheet; null where the tests are too few for one. */
export function releasedWords(sheet: BendSheet, hoop: boolean, style: LengthStyle): string | null {
  const [ends] = releasedWidths(sheet)?.widths ?? [];
  if (!ends) return null;
  const [short, over] = [ends.short, ends.over].map((mm) => formatWithUnit(mm, style));
  return `Nine bends of ten release within their interval: all short, ${pairWords(sheet, ends.pair, hoop)} is ${short} between axes; all over, ${over}.`;
}
