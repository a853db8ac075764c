import { fail, type Outcome, succeed } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { decided } from '../measure/index.ts';
import { type SpringbackInput, type TestBend } from './input.ts';
import { releasedInterval, testLine } from './learned/index.ts';

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
  const line = testLine(tests);
  const released = line && releasedInterval(line, reading, confidence);
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
  const line = testLine(tests);
  if (!line) return fail('one-reading', '/tests', 'all tests have one reading: pull one at another angle');
  if (decided(line.b) <= 0)
    return fail('slope', '/tests', 'the tests have the angle shrink as the dial grows: measure them again');
  return succeed({ model: 'line', a: line.a, b: line.b });
}
