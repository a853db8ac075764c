import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from '../lib/run.mjs';

/** A test of a group is named by its file first (groupedFile.mjs). */
const IN_A_GROUP = /^((?:packages|apps)\/\S+\.test\.tsx?) (.*)$/s;

/** What the tests of Jest came to, written to GYRUS_TEST_REPORT for the end of the run. */
export default class JestReporter {
  files = [];

  onTestFileResult(_, { testFilePath, testResults, perfStats, failureMessage, numFailingTests }) {
    const inProject = path.relative(root, testFilePath);
    const file = inProject.startsWith('..') ? path.basename(testFilePath, '.test.mjs') : inProject;
    const tests = testResults
      .filter(({ status }) => status === 'passed' || status === 'failed')
      .map(({ fullName, status, duration, failureMessages }) => {
        const [, own = file, name = fullName] = IN_A_GROUP.exec(fullName) ?? [];
        return {
          file: own,
          name,
          passed: status === 'passed',
          ms: duration ?? 0,
          message: failureMessages.join('\n'),
        };
      });
    const ms = perfStats.end - perfStats.start;
    const setUp = Math.max(0, ms - tests.reduce((sum, test) => sum + test.ms, 0));
    this.files.push({
      file,
      ms,
      setUp,
      broken: numFailingTests === 0 && failureMessage ? failureMessage : null,
      tests,
    });
  }

  onRunComplete() {
    const to = process.env.GYRUS_TEST_REPORT;
    if (to) writeFileSync(to, JSON.stringify(this.files));
  }
}
