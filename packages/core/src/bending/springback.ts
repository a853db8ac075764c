import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { fail, type Outcome, succeed } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { decided } from '../measure/index.ts';
import { type SpringbackInput, type TestBend } from './input.ts';

/** released = a + b·reading, as the tests have it. Degrees. */
export interface Springback {
  model: 'line' | 'share' | 'constant';
  a: number;
  b: number;
  /** What the dial must read for the target. */
  reading: number;
  /** Two-sided prediction interval of the released angle at that reading; null with fewer than three tests. */
  released: [number, number] | null;
  tests: number;
}

/**
 * The reading that gives the target, from test bends of the same die, tube and batch (handbook §5).
 * Three or more: least squares with a prediction interval; two: the line through them; one: a share of the angle or a
 * constant, whichever asks for less, as a bend can be pulled further and never opened.
 */
export function springbackFrom({ tests, target, confidence = 0.9 }: SpringbackInput): Outcome<Springback> {
  const opened = tests.findIndex((test) => decided(test.released - test.reading) > 0);
  if (opened >= 0)
    return fail(
      'closes-on-release',
      `/tests/${opened}/released`,
      `a bend opens when released: ${tests[opened]?.released}° cannot come of a reading of ${tests[opened]?.reading}°`,
    );
  const fit = tests.length === 1 ? fromOne(itemAt(tests, 0), target) : fromLine(tests);
  if (!fit.ok) return fit;
  const { model, a, b } = fit.value;
  const reading = (target - a) / b;
  if (decided(reading - target) < 0)
    return fail(
      'reading-below-target',
      '/target',
      `the tests would have the dial read ${reading.toFixed(2)}° for ${target}°, less than the angle itself: test nearer to it`,
    );
  const released = tests.length < 3 ? null : interval(tests, fit.value, reading, confidence);
  return succeed({ model, a, b, reading, released, tests: tests.length });
}

type Fit = Pick<Springback, 'model' | 'a' | 'b'>;

function fromOne({ reading, released }: TestBend, target: number): Outcome<Fit> {
  const share: Fit = { model: 'share', a: 0, b: released / reading };
  const constant: Fit = { model: 'constant', a: released - reading, b: 1 };
  const asShare = target / share.b;
  const asConstant = target - constant.a;
  return succeed(decided(asShare - asConstant) <= 0 ? share : constant);
}

function fromLine(tests: TestBend[]): Outcome<Fit> {
  const { meanReading, meanReleased, spread } = means(tests);
  if (decided(spread) === 0)
    return fail('one-reading', '/tests', 'all tests have one reading: pull one at another angle');
  const b =
    tests.reduce((sum, t) => sum + (t.reading - meanReading) * (t.released - meanReleased), 0) / spread;
  if (decided(b) <= 0)
    return fail('slope', '/tests', 'the tests have the angle shrink as the dial grows: measure them again');
  return succeed({ model: 'line', a: meanReleased - b * meanReading, b });
}

function means(tests: TestBend[]) {
  const mean = (pick: (test: TestBend) => number) =>
    tests.reduce((sum, test) => sum + pick(test), 0) / tests.length;
  const meanReading = mean((test) => test.reading);
  const meanReleased = mean((test) => test.released);
  const spread = tests.reduce((sum, test) => sum + (test.reading - meanReading) ** 2, 0);
  return { meanReading, meanReleased, spread };
}

/** Prediction interval of one new bend: ŷ ± t·s·√(1 + 1/n + (x − x̄)²/Sxx), n − 2 degrees of freedom [any text on regression]. */
function interval(tests: TestBend[], { a, b }: Fit, reading: number, confidence: number): [number, number] {
  const n = tests.length;
  const { meanReading, spread } = means(tests);
  const squares = tests.reduce((sum, test) => sum + (test.released - a - b * test.reading) ** 2, 0);
  const deviation = Math.sqrt(squares / (n - 2));
  const t = tQuantile((1 + confidence) / 2, n - 2);
  const half = t * deviation * Math.sqrt(1 + 1 / n + (reading - meanReading) ** 2 / spread);
  const middle = a + b * reading;
  return [middle - half, middle + half];
}
