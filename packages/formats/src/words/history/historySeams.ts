import {
  type BuildEntry,
  lastSample,
  type Plan,
  WELD_POSITIONS,
  weldedSeams,
  type WeldProcedure,
} from '@gyrus/core';
import { listed } from '../listed.ts';

/** A seam that was welded, in words. */
export interface HistorySeam {
  /** `D1, end A`, or the part of it that a tube lies over. */
  seam: string;
  who: string;
  /** ISO 8601 */
  at: string;
  procedure: string;
  /** What the samples of its procedure were found to be; none where nobody cut one open. */
  samples: string;
}

/** Who welded which seam of a plan, and by which procedure, in the order of welding. */
export function historySeams(
  { members }: Pick<Plan, 'members'>,
  entries: readonly BuildEntry[],
  procedures: readonly WeldProcedure[],
): HistorySeam[] {
  const stamps = new Map(
    members.flatMap(({ pieces }) => pieces.map(({ id, stamp }) => [id, stamp] as const)),
  );
  const stampOf = (piece: string) => stamps.get(piece) ?? 'a tube that is in the plan no more';
  return weldedSeams(entries).map(({ piece, end, over, who, at, procedure }) => {
    const by = procedures.find(({ id }) => id === procedure);
    return {
      seam: `${stampOf(piece)}, end ${end.toUpperCase()}${over === null ? '' : `, under ${stampOf(over)}`}`,
      ...{ who, at },
      procedure: by?.name ?? 'not said',
      samples: by ? samplesWords(by) : '',
    };
  });
}

/** What the last sample of each position was found to be: `flat sound (Aino)`. */
function samplesWords(procedure: WeldProcedure): string {
  const last = WELD_POSITIONS.flatMap((position) => lastSample(procedure, position) ?? []);
  return (
    listed(last.map(({ position, sound, who }) => `${position} ${sound ? 'sound' : 'not sound'} (${who})`)) ||
    'none was cut open'
  );
}
