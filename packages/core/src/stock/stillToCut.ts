import { type Need, type NotYet } from './need.ts';

/** A tube of a plan that is promised or sawn, and since when; milliseconds since 1970. */
export interface Provided {
  piece: string;
  at: number;
}

/** A tube that was spoiled, and when. */
export interface Lost {
  stamp: string;
  at: number;
}

/**
 * What of a cage is still to be cut: each tube once, and once more for each time that it was spoiled since it was first promised or sawn, less
 * those that are. provided: of this job's plans; lost: of this job.
 */
export function stillToCut<N extends Pick<Need, 'piece' | 'stamp'>>(
  needs: readonly N[],
  provided: readonly Provided[],
  lost: readonly Lost[],
): { needs: N[]; there: NotYet[] } {
  const isMissing = ({ piece, stamp }: N): boolean => {
    const own = provided.filter((one) => one.piece === piece);
    const first = Math.min(...own.map(({ at }) => at));
    const spoiled = lost.filter((one) => one.stamp === stamp && one.at >= first);
    return own.length <= spoiled.length;
  };
  return {
    needs: needs.filter(isMissing),
    there: needs.filter((need) => !isMissing(need)).map(({ stamp }) => ({ stamp, why: 'there' })),
  };
}
