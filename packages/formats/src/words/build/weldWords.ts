import {
  formatWithUnit,
  type LengthStyle,
  type SeamPositions,
  WELD_POSITIONS,
  type WeldProcedure,
  type WeldProcess,
  type WeldStanding,
  writtenLength,
} from '@gyrus/core';
import { listed } from '../listed.ts';

const PROCESS_WORDS: Record<WeldProcess, string> = {
  tig: 'TIG',
  mig: 'MIG',
  stick: 'stick',
  'oxy-fuel': 'oxy-fuel gas',
};

/** A process as a welder says it. */
export const weldProcessWords = (process: WeldProcess): string => PROCESS_WORDS[process];

/** Less than this of a seam is not told. mm */
const LEAST = 1;

/** How much of a seam lies how, the most of it first: `1 1/2 in overhead, 1 in vertical`. */
export function weldLiesWords(positions: SeamPositions, style: LengthStyle): string {
  const own = WELD_POSITIONS.filter((position) => positions[position] >= LEAST).sort(
    (a, b) => positions[b] - positions[a],
  );
  const [first] = own;
  if (own.length === 1 && first) return `all of it ${first}`;
  return listed(own.map((position) => `${formatWithUnit(positions[position], style)} ${position}`));
}

/** What a procedure is: `TIG, wall .095 in, ER80S-D2 1/16, 60 to 85 A, argon, 2 passes`. */
export function weldProcedureWords({
  process,
  wall,
  filler,
  amperes,
  gas,
  preheat,
  passes,
}: WeldProcedure): string {
  return listed([
    PROCESS_WORDS[process],
    `wall ${writtenLength(wall)}`,
    filler,
    amperes &&
      (amperes.least === amperes.most ? `${amperes.least} A` : `${amperes.least} to ${amperes.most} A`),
    gas,
    preheat && `preheat ${preheat}`,
    passes === 1 ? 'one pass' : `${passes} passes`,
  ]);
}

/** What is known of a procedure in a position: `overhead: sample of Aino, sound`. */
export function weldStandingWords({ position, kind, sample }: WeldStanding): string {
  if (kind === 'not-for-it') return `${position}: the procedure is not for it`;
  if (!sample) return `${position}: no sample of it was cut open`;
  return `${position}: sample of ${sample.who}, ${kind === 'sound' ? 'sound' : 'not sound'}`;
}
