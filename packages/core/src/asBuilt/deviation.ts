import { type AsBuiltPoint } from './point.ts';
import { type Moment } from './points.ts';

/** What was measured of a point at a turn of the work. mm; degrees of a lean */
export interface BuiltReading {
  moment: Moment;
  value: number;
  who: string;
  at: string;
}

/** A measured point beside what it was planned to be. mm; degrees of a lean */
export interface BuiltDeviation extends BuiltReading {
  point: AsBuiltPoint;
  /** BuiltReading − planned. */
  off: number;
  /** Within what the tape or the protractor tells. */
  status: 'clear' | 'look';
}

/** Each measured point beside its plan. error: what tape (mm) and protractor (deg) are trusted to. */
export function deviationsOf(
  points: readonly AsBuiltPoint[],
  measured: (key: string) => BuiltReading | null,
  error: { mm: number; deg: number },
): BuiltDeviation[] {
  return points.flatMap((point) => {
    const found = measured(point.key);
    if (!found) return [];
    const off = found.value - point.planned;
    const within = point.what.kind === 'lean' ? error.deg : error.mm;
    return [
      { ...found, point, off, status: Math.abs(off) <= within ? ('clear' as const) : ('look' as const) },
    ];
  });
}

/**
 * How far a four-cornered bay is racked by its two diagonals: its upper side stands so far toward the end of the second. base: its lower
 * side. Exact for a parallelogram: the squares of its diagonals differ by four times base and shift. mm
 */
export const rackedBy = (first: number, second: number, base: number): number =>
  base === 0 ? 0 : (first ** 2 - second ** 2) / (4 * base);

/** Two readings that would be alike on a straight hoop, as what is common to both and what differs. */
export const evenAndTwisted = (left: number, right: number): { even: number; twisted: number } => ({
  even: (left + right) / 2,
  twisted: (left - right) / 2,
});
