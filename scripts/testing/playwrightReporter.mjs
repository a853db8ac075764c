import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from '../lib/run.mjs';

/** So many of a test's longest steps are told. */
const TOLD = 3;

/** What the end-to-end tests came to and what each waited for, written to GYRUS_TEST_REPORT for the end of the run. */
export default class PlaywrightReporter {
  tests = [];

  printsToStdio() {
    return false;
  }

  onTestEnd(test, result) {
    this.tests.push({
      file: path.relative(root, test.location.file),
      line: test.location.line,
      name: test.titlePath().slice(3).join(' › '),
      passed: result.status === test.expectedStatus,
      ran: result.status !== 'skipped',
      ms: result.duration,
      message: result.errors.map(({ message, value }) => message ?? value ?? '').join('\n'),
      waits: longestOf(result.steps),
    });
  }

  onError({ message, value }) {
    this.tests.push({
      file: 'e2e',
      name: 'the runner',
      passed: false,
      ran: true,
      ms: 0,
      message: message ?? value ?? '',
      waits: [],
    });
  }

  onEnd() {
    const to = process.env.GYRUS_TEST_REPORT;
    if (to) writeFileSync(to, JSON.stringify(this.tests));
  }
}

/** The steps that took longest, those of one title together: what the test waited for. */
function longestOf(steps) {
  const by = new Map();
  for (const { title, duration, location } of steps.flatMap(leavesOf)) {
    const what = location ? `${title} (${path.basename(location.file)}:${location.line})` : title;
    by.set(what, (by.get(what) ?? 0) + duration);
  }
  return [...by]
    .sort(([, a], [, b]) => b - a)
    .slice(0, TOLD)
    .map(([what, ms]) => ({ what, ms }));
}

/** Hooks and steps of ours are told by what is in them. */
const leavesOf = (step) =>
  ['pw:api', 'expect'].includes(step.category) || step.steps.length === 0
    ? [step]
    : step.steps.flatMap(leavesOf);
