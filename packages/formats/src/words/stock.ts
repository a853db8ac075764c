import {
  type BendSheet,
  type BentOffcut,
  type CutGroup,
  formatWithUnit,
  itemAt,
  type LengthStyle,
  type Need,
  type NotYet,
} from '@gyrus/core';

/** How good a cut plan is: `3 sticks: nothing holds them for less (proven)`. */
export function provenWords({ sticks, proven, atBest, totals }: CutGroup): string {
  const bought = totals.bought.reduce((sum, { count }) => sum + count, 0);
  const own = sticks.length - bought;
  const count = `${sticks.length} stick${sticks.length === 1 ? '' : 's'}${own > 0 && bought > 0 ? `, ${bought} of them bought` : ''}`;
  if (proven) return `${count}: nothing holds them for less (proven)`;
  return `${count}: the time ran out; nothing holds them for less than ${Math.round(atBest * 100)} % of it`;
}

/** What a group of sticks comes to: metres, what is lost, mass and price. */
export function cutTotalsWords({ totals, sticks }: CutGroup, style: LengthStyle): string {
  const { used, offcuts, kerfs, mass, price } = totals;
  const whole = sticks.reduce((sum, { length }) => sum + length, 0);
  const length = (mm: number) => formatWithUnit(mm, style);
  const share = whole > 0 ? Math.round((100 * (whole - used)) / whole) : 0;
  return `${length(used)} of pieces out of ${length(whole)}, ${mass.toFixed(1)} kg; ${length(offcuts)} left over and ${length(kerfs)} to the saw (${share} %)${price === null ? '' : `; ${price.toFixed(2)} for the sticks`}.`;
}

/** What is to be bought, by the length of a stick: `To buy: 5 sticks of 240 in.`; null where the rack has it all. */
export function boughtWords({ totals }: CutGroup, style: LengthStyle): string | null {
  if (totals.bought.length === 0) return null;
  const lots = totals.bought.map(
    ({ count, length }) => `${count} stick${count === 1 ? '' : 's'} of ${formatWithUnit(length, style)}`,
  );
  return `To buy: ${lots.join(', ')}.`;
}

/** How long a piece is cut, and out of what that is made. */
export function needWords({ length, of }: Need, style: LengthStyle): string {
  const say = (mm: number) => formatWithUnit(mm, style);
  if ('blank' in of) return `${say(length)}, the blank of its sheet`;
  const parts = [
    `${say(of.ears)} ear to ear`,
    of.trim > 0 && `${say(of.trim)} of trim`,
    of.pilot > 0 && `${say(of.pilot)} past its ends for the saw's pilot`,
  ];
  return `${say(length)}: ${parts.filter(Boolean).join(', ')}`;
}

/** Why a tube is not cut. */
export function notYetWords({ stamp, why }: NotYet): string {
  if (why === 'there') return `${stamp} is sawn already, or reserved for an earlier plan`;
  return why === 'no-marks'
    ? `${stamp} has no marks yet: choose a die for it at Bend`
    : `${stamp} has no place yet: see at Design`;
}

/** How a tube is cut from a bent piece of the rack: where to cut, and what is still to be bent. */
export function bentOffcutWords(
  { fit }: BentOffcut,
  { stamp }: Pick<BendSheet, 'stamp'>,
  style: LengthStyle,
): string {
  const { turned, cut, missing } = fit;
  const say = (mm: number) => formatWithUnit(mm, style);
  const round = turned ? `, turned end for end` : '';
  const bends =
    missing.length === 0
      ? 'all its bends are there'
      : `bend${missing.length === 1 ? '' : 's'} ${new Intl.ListFormat('en').format(missing.map(String))} still to be made`;
  return `${stamp} lies in it${round}: ${bends}; cut ${say(itemAt(cut, 0))} off end A and ${say(itemAt(cut, 1))} off end B.`;
}
