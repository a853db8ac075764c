// npm test: lint, types, unit, API and end-to-end tests on a machine that has only Node.js and npm (docs/testing.md).
// Says what it is doing, which tests took longest and what they waited for; the last line is "N passed, N failed".
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { Advice, endChildren, installPackages } from './lib/project.mjs';
import { stopServer } from './lib/server.mjs';
import { askedFor, PARTS } from './testing/asked.mjs';
import { Databases } from './testing/databases.mjs';
import { needMachine } from './testing/needs.mjs';
import { patienceOn, slowness } from './testing/patience.mjs';
import { endLeft, MARK } from './testing/processes.mjs';
import { Tally } from './testing/tally.mjs';

const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-test-'));
// PostgreSQL's user must be able to enter it.
chmodSync(scratch, 0o711);
const tally = new Tally();
const servers = [];
const databases = new Databases(scratch);
const begun = performance.now();

// What is started from here is found again by it, and writes nowhere else.
process.env[MARK] = scratch;
process.env.TMPDIR = scratch;

async function cleanUp() {
  endChildren();
  await Promise.all(servers.map(({ child }) => stopServer(child)));
  databases.remove();
  endLeft(scratch);
  rmSync(scratch, { recursive: true, force: true, maxRetries: 10, retryDelay: 100 });
}

/** What the tests are told by the environment. */
const envOf = ({ slowBrowser, thorough }, patience) => ({
  GYRUS_PATIENCE: String(patience),
  GYRUS_SLOW_BROWSER: String(slowBrowser),
  ...(thorough && { GYRUS_THOROUGH: '1', GYRUS_FUZZ_RUNS: '300' }),
});

let ending = false;
for (const [signal, number] of Object.entries({ SIGINT: 2, SIGTERM: 15, SIGHUP: 1 }))
  process.on(signal, () => {
    if (ending) return;
    ending = true;
    void cleanUp().finally(() => process.exit(128 + number));
  });

/** One part after the other: each has all cores. */
async function runParts(asked) {
  const parts = asked.only ? [asked.only] : PARTS;
  await tally.timed('packages', installPackages);
  await tally.timed('what the machine needs', () => needMachine({ parts, scratch }));
  const slower = slowness();
  const patience = patienceOn(slower, asked.slowBrowser * (asked.thorough ? 4 : 1));
  if (slower > 1.5)
    console.log(
      `This machine is ${slower.toFixed(1)} times as slow as usual now: tests wait as much longer.`,
    );
  const run = { asked, scratch, databases, servers, env: envOf(asked, patience) };
  const { near } = await import('./testing/near.mjs');
  const { whole } = await import('./testing/whole.mjs');
  await (asked.near ? near(tally, run) : whole(tally, parts, run));
}

try {
  await runParts(askedFor(process.argv.slice(2)));
} catch (error) {
  const said = error instanceof Advice ? error.message : (error.stack ?? String(error));
  console.error(`\n${said}`);
  tally.fail(said);
}
if (!ending) {
  ending = true;
  await cleanUp();
  console.log(tally.words(performance.now() - begun));
  process.exit(tally.failed > 0 || tally.passed === 0 ? 1 : 0);
}
