import {
  type AsBuiltPoint,
  type BuildEntry,
  type BuiltReading,
  type BuiltDeviation,
  deviationsOf,
  hoopAnswerOf,
  itemAt,
  type Moment,
  MOMENTS,
  placeAcross,
  pointsAt,
  readIn,
  tubesIn,
} from '@gyrus/core';
import { useMemo } from 'react';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan } from '../../../job/store/planStore.ts';

/** What is worth measuring at a turn of the work, by the plan on screen. */
export function useAsBuiltPoints(): (moment: Moment) => AsBuiltPoint[] {
  const evaluation = useEvaluation();
  return useMemo(() => {
    const hoop = hoopAnswerOf(evaluation);
    const tubes = tubesIn(evaluation);
    const bar = tubes.find(({ role }) => role === 'harness-bar');
    const given = {
      hoop: hoop?.tube ?? null,
      belt: bar ? placeAcross(bar.axis, 0)[2] : null,
      gaps: hoop?.gaps ?? [],
      loops: evaluation.loops,
      stampOf: (piece: string) => tubes.find((tube) => tube.piece === piece)?.stamp ?? piece,
    };
    return (moment) => pointsAt(moment, given);
  }, [evaluation]);
}

/** What was read of each point at a turn of the work. */
function readingsAt(entries: readonly BuildEntry[], moment: Moment): (key: string) => BuiltReading | null {
  const read = readIn(entries);
  return (key) => {
    const found = read.get(`${moment}:${key}`);
    const value = found?.taped?.mm ?? found?.turned?.deg;
    return found && value !== undefined ? { moment, value, who: found.who, at: found.at } : null;
  };
}

/** Everything that was measured, turn by turn, beside its plan. */
export function useDeviations(entries: readonly BuildEntry[]): Map<Moment, BuiltDeviation[]> {
  const points = useAsBuiltPoints();
  const { measuringError } = usePlan();
  return useMemo(
    () =>
      new Map(
        MOMENTS.map((moment) => [
          moment,
          deviationsOf(points(moment), readingsAt(entries, moment), measuringError),
        ]),
      ),
    [points, entries, measuringError],
  );
}

/** The last turn of the work at which anything was measured; the first where nothing was. */
export const lastMeasured = (deviations: Map<Moment, BuiltDeviation[]>): Moment =>
  MOMENTS.findLast((moment) => (deviations.get(moment)?.length ?? 0) > 0) ?? itemAt(MOMENTS, 0);
