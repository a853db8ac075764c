import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { type TestBend } from '../input.ts';
import { newBendFactor, testLine } from './line.ts';

/** One in so many whole sets of good tests would have a test called an outlier. */
const ONCE_IN = 20;

/**
 * Test bends that the others do not bear out: foretold from all but itself, a bend lies farther off than chance would put one of them in
 * one set of twenty (the externally studentised residual, by Bonferroni's bound) [any text on regression]. Indices; none with fewer than
 * four tests, as three say nothing of each other. They are pointed out and never left out.
 */
export function outliersIn(tests: readonly TestBend[]): number[] {
  const n = tests.length;
  if (n < 4) return [];
  const limit = tQuantile(1 - 1 / ONCE_IN / (2 * n), n - 3);
  return tests.flatMap((_, i) => (Math.abs(studentised(tests, i) ?? 0) > limit ? [i] : []));
}

/** How far a test lies from what all others foretell of it, in standard errors; null where those are on one reading. */
export function studentised(tests: readonly TestBend[], i: number): number | null {
  const test = tests[i];
  const line = testLine(tests.filter((_, k) => k !== i));
  if (!test || !line || line.n < 3) return null;
  const off = test.released - line.a - line.b * test.reading;
  // Tests that lie on a line to the last digit bear nothing out but themselves: a protractor's last tenth is the least there is.
  return off / (Math.max(line.deviation, LEAST_READ) * newBendFactor(line, test.reading));
}

/** What no protractor shows. Degrees */
const LEAST_READ = 0.05;
