import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { decided } from '../../measure/index.ts';
import { type TestBend } from '../input.ts';

/** Least squares of released on reading, with what its intervals need. Degrees */
export interface TestLine {
  a: number;
  b: number;
  n: number;
  meanReading: number;
  /** Σ (reading − mean)² */
  spread: number;
  /** Standard deviation of the residuals, n − 2 degrees of freedom; 0 with two tests. */
  deviation: number;
}

/** The line through test bends; null with fewer than two, or where all have one reading. */
export function testLine(tests: readonly TestBend[]): TestLine | null {
  const n = tests.length;
  if (n < 2) return null;
  const mean = (pick: (test: TestBend) => number) => tests.reduce((sum, test) => sum + pick(test), 0) / n;
  const meanReading = mean((test) => test.reading);
  const meanReleased = mean((test) => test.released);
  const spread = tests.reduce((sum, test) => sum + (test.reading - meanReading) ** 2, 0);
  if (decided(spread) === 0) return null;
  const b =
    tests.reduce((sum, t) => sum + (t.reading - meanReading) * (t.released - meanReleased), 0) / spread;
  const a = meanReleased - b * meanReading;
  const squares = tests.reduce((sum, test) => sum + (test.released - a - b * test.reading) ** 2, 0);
  return { a, b, n, meanReading, spread, deviation: n > 2 ? Math.sqrt(squares / (n - 2)) : 0 };
}

/** Standard error of one new bend at a reading, over the deviation: √(1 + 1/n + (x − x̄)²/Sxx). */
export const newBendFactor = ({ n, meanReading, spread }: TestLine, reading: number): number =>
  Math.sqrt(1 + 1 / n + (reading - meanReading) ** 2 / spread);

/**
 * Two-sided prediction interval of the released angle of one new bend: ŷ ± t·s·√(1 + 1/n + (x − x̄)²/Sxx), n − 2 degrees of freedom [any
 * text on regression]; null with fewer than three tests.
 */
export function releasedInterval(line: TestLine, reading: number, confidence = 0.9): [number, number] | null {
  if (line.n < 3) return null;
  const t = tQuantile((1 + confidence) / 2, line.n - 2);
  const half = t * line.deviation * newBendFactor(line, reading);
  const middle = line.a + line.b * reading;
  return [middle - half, middle + half];
}
