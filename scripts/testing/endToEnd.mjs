import { readFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { freePort } from '../lib/freePort.mjs';
import { run } from '../lib/run.mjs';
import { startServer } from '../lib/server.mjs';
import { codeOf } from './jestTests.mjs';
import { bin } from './staticChecks.mjs';

/** As many browsers at a time as there are cores, and a server for each: what one test writes, no other reads. */
const WORKERS = Math.max(1, Math.min(4, os.availableParallelism()));

/** The servers of the end-to-end tests, each on a database of its own: one with the demo for each browser, and one with nothing in it. */
async function startServers(databases, servers) {
  const start = async (name, demo, devices = null) => {
    const server = startServer({ databaseUrl: await databases.own(name, { demo }), port: 0, demo, devices });
    servers.push(server);
    return server.address;
  };
  // Where each server listens for a dial and a gauge, for the tests that start them.
  const devices = await Promise.all(Array.from({ length: WORKERS }, () => freePort()));
  const [empty, ...addresses] = await Promise.all([
    // To take in what another program gave out.
    start('e2e_empty', false),
    ...devices.map((port, worker) => start(`e2e_${worker}`, true, port)),
  ]);
  return {
    GYRUS_ADDRESSES: addresses.join(' '),
    GYRUS_DEVICE_PORTS: devices.join(' '),
    GYRUS_EMPTY_ADDRESS: empty,
  };
}

/** Tests in the real interface. more: what goes to Playwright itself; servers: takes what is started, to be ended by the caller. */
export async function endToEnd(tally, { databases, servers, more = [], scratch, env }) {
  const report = path.join(scratch, 'e2e.json');
  await tally.timed('end-to-end tests', async () => {
    const addresses = await startServers(databases, servers);
    console.log('\n— end-to-end tests');
    const code = await codeOf(
      run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts', ...more], {
        what: 'end-to-end tests',
        env: {
          ...env,
          ...addresses,
          GYRUS_TEST_REPORT: report,
          GYRUS_TEST_OUTPUT: path.join(scratch, 'test-results'),
        },
      }),
    );
    take(tally, report, code);
  });
}

function take(tally, report, code) {
  const tests = read(report);
  if (!tests) return tally.fail(`The end-to-end tests said nothing: their runner ended with ${code}`);
  const ran = tests.filter((test) => test.ran);
  for (const test of ran) tally.test({ ...test, name: `${test.file} › ${test.name}`, alone: aloneOf(test) });
  const left = tests.length - ran.length;
  if (left > 0) tally.fail(`${left} end-to-end tests were not run, as so many before them failed`);
  if (code !== 0 && ran.every(({ passed }) => passed))
    tally.fail(`The end-to-end tests ended with ${code}, though every test that was counted passed`);
}

function read(report) {
  try {
    return JSON.parse(readFileSync(report, 'utf8'));
  } catch {
    return null;
  }
}

const aloneOf = ({ file, line }) => `npm test -- --only e2e ${file}:${line}`;
