/** So many of the slowest tests are told at the end of a run. */
const SLOWEST = 30;

const seconds = (ms) => (ms / 1000).toFixed(1);

/** What a run came to: checks that passed and failed, how long each part and each test took, and what it waited for. */
export class Tally {
  passed = 0;
  failed = 0;
  failures = [];
  parts = [];
  tests = [];

  /** One test. alone: the command that runs nothing but it; waits: what of its time went where, the longest first. */
  test({ name, passed, ms, waits = [], message = '', alone = null }) {
    this.tests.push({ name, ms, waits });
    if (passed) this.passed += 1;
    else this.fail(`${name}\n${message}`, alone);
  }

  pass() {
    this.passed += 1;
  }

  fail(what, alone = null) {
    this.failed += 1;
    this.failures.push(alone ? `${what}\n  alone: ${alone}` : what);
  }

  /** Does a part of the run, and keeps how long it took. */
  async timed(name, work) {
    const begun = performance.now();
    try {
      return await work();
    } finally {
      this.parts.push({ name, ms: performance.now() - begun });
    }
  }

  /** What is said at the end of a run, its last line the counts. */
  words(ms) {
    const slowest = [...this.tests].sort((a, b) => b.ms - a.ms).slice(0, SLOWEST);
    return [
      ...(slowest.length > 0 ? ['', `The ${slowest.length} slowest:`, ...slowest.map(lineOf)] : []),
      ...(this.failures.length > 0 ? ['', 'Failed:', this.failures.join('\n\n')] : []),
      '',
      ...this.parts.map(({ name, ms: took }) => `${(took / 1000).toFixed(0).padStart(5)} s  ${name}`),
      '',
      `in ${Math.round(ms / 1000)} s`,
      `${this.passed} passed, ${this.failed} failed`,
    ].join('\n');
  }
}

const lineOf = ({ name, ms, waits }) =>
  `${seconds(ms).padStart(6)} s  ${name}${waits.length > 0 ? `\n${' '.repeat(10)}${waits.map(({ what, ms: took }) => `${seconds(took)} ${what}`).join('; ')}` : ''}`;
