import {
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type PastPillar,
  saidIn,
  type SeenBeside,
  writeSaid,
} from '@gyrus/core';

/** What of the bars shows past a pillar: `SL shows 14 mm on the left, 3° off`; of several, the nearest to it first. */
export function pastPillarWords(seen: PastPillar['seen'], style: LengthStyle): string {
  if (!seen.ok) return writeSaid(saidIn(seen.fault), style);
  if (seen.value.length === 0) return 'no bar runs along it';
  return seen.value.map((one) => `${one.stamp} ${showsWords(one, style)}, ${angleWords(one)}`).join('; ');
}

function showsWords({ left, right }: SeenBeside, style: LengthStyle): string {
  const sides = [
    ['left', left],
    ['right', right],
  ] as const;
  const shows = sides.filter(([, mm]) => mm > 0);
  return shows.length === 0
    ? 'is hidden by it'
    : `shows ${shows.map(([side, mm]) => `${formatWithUnit(mm, style)} on the ${side}`).join(' and ')}`;
}

const angleWords = ({ off, parallel }: SeenBeside): string =>
  `${formatAngle(off)}° off${parallel ? '' : ', which is more than wanted'}`;
