import { type Tube } from '../cage/index.ts';
import { itemAt } from '../items/index.ts';
import { distance } from '../space/index.ts';
import { crownBends } from './hoopPoints.ts';
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
 * How far a bay whose lower and upper side are parallel is racked, by its two diagonals: its upper side stands so far toward the end of the
 * first. middle: the mean of both sides. Exact for a trapezoid: the squares of its diagonals differ by four times middle and shift. mm
 */
export const rackedBy = (first: number, second: number, middle: number): number =>
  middle === 0 ? 0 : (first ** 2 - second ** 2) / (4 * middle);

/** A hoop's diagonals beside their plan: what is out on both alike, what on one against the other, and how far the crown stands aside. mm */
export interface Racked {
  even: number;
  twisted: number;
  /** Positive to the right. */
  by: number;
}

/** What the measured diagonals of a hoop say, from its left foot and from its right one to the bends across; more than its design has of it. */
export function hoopRacked(hoop: Tube, left: BuiltDeviation, right: BuiltDeviation): Racked {
  const [leftBend, rightBend] = crownBends(hoop.axis);
  const crown = leftBend && rightBend ? distance(leftBend, rightBend) : 0;
  const middle = (distance(itemAt(hoop.points, 0), itemAt(hoop.points, -1)) + crown) / 2;
  const planned = rackedBy(left.point.planned, right.point.planned, middle);
  return {
    ...evenAndTwisted(left.off, right.off),
    by: rackedBy(left.value, right.value, middle) - planned,
  };
}

/** Two readings that would be alike on a straight hoop, as what is common to both and what differs. */
export const evenAndTwisted = (left: number, right: number): { even: number; twisted: number } => ({
  even: (left + right) / 2,
  twisted: (left - right) / 2,
});
