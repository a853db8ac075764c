import { createRequire } from 'node:module';

const { default: Sequencer } = createRequire(import.meta.url)('@jest/test-sequencer');

/** What takes longest comes first, so that no core has nothing to do at the end: starts of the program, junk requests, whole jobs. */
const LONGEST_FIRST = ['start.test', 'server-api-fuzz', 'demo-', 'formats-', 'server-api', 'core-'];

const rank = ({ path }) => {
  const found = LONGEST_FIRST.findIndex((part) => path.includes(part));
  return found < 0 ? LONGEST_FIRST.length : found;
};

export default class LongestFirst extends Sequencer {
  sort(tests) {
    return [...tests].sort((a, b) => rank(a) - rank(b) || a.path.localeCompare(b.path));
  }
}
