import {
  assumed,
  barPanel,
  type Evaluation,
  type MemberReference,
  millimetres,
  type PartOf,
  type Part,
} from '@gyrus/core';
import { newId, nextStamp } from '../../../job/fields/fresh.ts';

/** A panel lies between so many bars. */
const COUNTS = [4, 3, 5, 6];

/** Panels to start from, by the number of bars round them: in the smallest bay that holds one. */
export function panelKinds(
  evaluation: Evaluation,
  taken: readonly Part[],
): { text: string; fresh: () => Part }[] {
  return COUNTS.flatMap((count) => {
    const bars = bayFor(count, evaluation);
    return bars ? [{ text: `panel between ${count} bars`, fresh: () => freshPanel(bars, taken) }] : [];
  });
}

/** The bars of the smallest bay of so many that a panel fits into; null where there is none. */
function bayFor(count: number, { loops, members }: Evaluation): MemberReference[] | null {
  const standing = members.flatMap(({ pieces }) =>
    pieces.flatMap(({ tube, side }) => (tube ? [{ tube, side }] : [])),
  );
  const barOf = (piece: string): MemberReference[] => {
    const found = standing.find(({ tube }) => tube.piece === piece);
    return found ? [{ member: found.tube.member, ...(found.side === null ? {} : { side: found.side }) }] : [];
  };
  return (
    loops
      .filter(({ pieces }) => pieces.length === count)
      .map(({ pieces }) => pieces.flatMap(barOf))
      .find((bars) => barPanel(freshPanel(bars, []), standing).ok) ?? null
  );
}

const freshPanel = (bars: readonly MemberReference[], taken: readonly Part[]): PartOf<'bar-panel'> => ({
  kind: 'bar-panel',
  id: newId(),
  stamp: nextStamp('PN', taken),
  bars: [...bars],
  sits: 'between',
  ...assumed({
    thickness: millimetres(2),
    gap: millimetres(3),
    tabs: { each: 2, reach: millimetres(12), hole: millimetres(6.5) },
  }),
});
