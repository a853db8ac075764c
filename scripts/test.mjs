// npm test: lint, types, unit, API and end-to-end tests on a machine that has only Node.js and npm.
// Parts: node scripts/test.mjs unit|api|e2e, and fuzz: many more requests than in npm test, from a seed of the moment.
// Says what it is doing and how long each part took; the last line is "N passed, N failed".
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { spawn } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import { Advice, buildAll, buildCli, buildDevices, installPackages, root, run } from './lib/project.mjs';

const part = process.argv[2] ?? 'all';
const extra =
  part === 'fuzz' ? ['--testPathPatterns', 'fuzz', ...process.argv.slice(3)] : process.argv.slice(3);
const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-test-'));
// PostgreSQL's user must be able to enter it.
chmodSync(scratch, 0o711);
const totals = { passed: 0, failed: 0 };
/** Failures with what they said, for the end of the output. */
const failures = [];
const durations = [];
let cluster;
const servers = [];

/** As many browsers at a time as there are cores, and a server for each: what one test writes, no other reads. */
const WORKERS = Math.max(1, Math.min(4, os.availableParallelism()));

const bin = (name) => path.join(root, 'node_modules', '.bin', name);

async function timed(name, work) {
  const begun = Date.now();
  try {
    return await work();
  } finally {
    durations.push({ name, seconds: (Date.now() - begun) / 1000 });
  }
}

/** One check that passes or fails as a whole; it is heard only when it fails, as others run beside it. */
const step = (name, command, args) =>
  timed(name, async () => {
    try {
      await run(command, args, { quiet: true, what: name });
      console.log(`✓ ${name}`);
      totals.passed += 1;
    } catch (error) {
      console.error(`✕ ${error.message}`);
      failures.push(error.message);
      totals.failed += 1;
    }
  });

/** A test runner that writes its counts to a file; a runner that dies without one counts as a failure. */
const suite = (name, command, args, env, countsOf) =>
  timed(name, async () => {
    console.log(`\n— ${name}`);
    const code = await exitCode(command, args, env);
    const counts = countsOf();
    totals.passed += counts.passed;
    totals.failed += counts.failed;
    failures.push(...(counts.names ?? []));
    if (code === 0 || counts.failed > 0) return;
    totals.failed += 1;
    failures.push(`${name} ended with ${code}, though every test that it counted passed`);
  });

function exitCode(command, args, env) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    child.on('error', () => resolve(1));
    child.on('close', (code) => resolve(code ?? 1));
  });
}

function jest(name, projects, env = {}) {
  const report = path.join(scratch, `${projects.join('-')}.json`);
  const args = ['--selectProjects', ...projects, '--json', `--outputFile=${report}`, ...extra];
  return suite(
    name,
    bin('jest'),
    args,
    { NODE_OPTIONS: '--experimental-vm-modules --no-warnings', ...env },
    () =>
      readCounts(report, (json) => ({
        passed: json.numPassedTests,
        failed: json.numFailedTests + json.numRuntimeErrorTestSuites,
        names: json.testResults.flatMap((file) => failuresIn(file)),
      })),
  );
}

function failuresIn({ name, status, message, assertionResults }) {
  const of = path.relative(root, name);
  const failed = assertionResults.filter((test) => test.status === 'failed');
  if (status === 'failed' && failed.length === 0) return [`${of}: ${message}`];
  return failed.map(({ fullName, failureMessages }) => `${of} › ${fullName}\n${failureMessages.join('\n')}`);
}

function readCounts(file, pick) {
  try {
    return pick(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return { passed: 0, failed: 1, names: [`no counts in ${path.basename(file)}: its runner died`] };
  }
}

/** What needs no test runner, in two lines side by side: the linter takes as long as all others. */
async function staticChecks() {
  await Promise.all([
    step('lint', bin('eslint'), ['.', '--cache', '--cache-location', 'node_modules/.cache/eslint/']),
    builtChecks(),
  ]);
}

/** Sheets are made by the built worker, also where the rest of the server runs from its source. */
async function buildEverything() {
  await buildCli();
  await buildAll();
}

async function builtChecks() {
  await timed('build', buildEverything);
  await step('types', bin('tsc'), ['-b']);
  await step('types of the tests', bin('tsc'), ['-p', 'tsconfig.test.json']);
  await step('schemas of docs/format', process.execPath, ['scripts/schemas.mjs', '--check']);
  await step('drawings of docs/members', process.execPath, ['scripts/members.mjs', '--check']);
  await step('import directions', bin('depcruise'), [
    '--config',
    '.dependency-cruiser.mjs',
    '--output-type',
    'err',
    'packages',
    'apps',
  ]);
  await step('unused files and exports', bin('knip'), ['--no-progress']);
  await step('formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
}

async function endToEnd() {
  const { needChromium } = await import('./lib/chromium.mjs');
  const { freePort } = await import('./lib/freePort.mjs');
  const { startServer } = await import('./lib/server.mjs');
  await needChromium();
  await buildDevices();
  const databaseUrl = await testCluster();
  const start = async (name, demo, devices = null) => {
    const server = startServer({ databaseUrl: await ownDatabase(databaseUrl, name), port: 0, demo, devices });
    servers.push(server);
    return server.address;
  };
  const addresses = [];
  // Where each server listens for a dial and a gauge, for the tests that start them.
  const devices = [];
  for (let worker = 0; worker < WORKERS; worker += 1) {
    devices.push(await freePort());
    addresses.push(await start(`e2e_${worker}`, true, devices[worker]));
  }
  // A program with nothing in it, to take in what another one gave out.
  const emptyAddress = await start('e2e_empty', false);
  const report = path.join(scratch, 'e2e.json');
  const env = {
    GYRUS_ADDRESSES: addresses.join(' '),
    GYRUS_DEVICE_PORTS: devices.join(' '),
    GYRUS_EMPTY_ADDRESS: emptyAddress,
    PLAYWRIGHT_JSON_OUTPUT_NAME: report,
  };
  await suite(
    'end-to-end tests',
    bin('playwright'),
    ['test', '--config', 'e2e/playwright.config.ts', ...extra],
    env,
    () =>
      readCounts(report, ({ stats, suites }) => ({
        passed: stats.expected + stats.flaky,
        failed: stats.unexpected,
        names: suites.flatMap(brokenIn),
      })),
  );
}

/** Titles of what failed in a file of end-to-end tests, with the error of its last try. */
const brokenIn = ({ specs = [], suites = [] }) => [
  ...specs
    .filter(({ ok }) => !ok)
    .map(
      ({ title, file, tests }) =>
        `e2e/${file} › ${title}\n${tests.flatMap(({ results }) => results.at(-1)?.error?.message ?? []).join('\n')}`,
    ),
  ...suites.flatMap(brokenIn),
];

/** The end-to-end servers have databases of their own beside those of the API tests. */
async function ownDatabase(databaseUrl, name) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  await client.query(`CREATE DATABASE ${name}`);
  await client.end();
  const url = new URL(databaseUrl);
  url.pathname = `/${name}`;
  return url.href;
}

async function testCluster() {
  if (cluster) return cluster.url;
  const { Cluster } = await import('./lib/postgres.mjs');
  cluster = new Cluster(path.join(scratch, 'cluster'), { lasting: false });
  return cluster.start();
}

async function cleanUp() {
  const { stopServer } = await import('./lib/server.mjs');
  await Promise.all(servers.map(({ child }) => stopServer(child)));
  cluster?.remove();
  rmSync(scratch, { recursive: true, force: true });
}

for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => void cleanUp().then(() => process.exit(130)));

/** The projects of Jest that each part runs; all but `unit` on a PostgreSQL. */
const SUITES = {
  all: ['unit and API tests', ['unit', 'api', 'start']],
  unit: ['unit tests', ['unit']],
  api: ['API tests', ['api', 'start']],
  fuzz: ['fuzz', ['api']],
};

const FUZZ = {
  GYRUS_FUZZ_RUNS: process.env.GYRUS_FUZZ_RUNS ?? '1000',
  GYRUS_FUZZ_SEED: process.env.GYRUS_FUZZ_SEED ?? String(Date.now() % 1e9),
};

/** The parts that were asked for, one after the other. */
async function runParts() {
  await timed('packages', installPackages);
  if (part === 'all') await staticChecks();
  else await timed('build', part === 'unit' ? buildCli : buildEverything);
  if (part in SUITES)
    await jest(...SUITES[part], {
      ...(part === 'unit' ? {} : { GYRUS_TEST_DATABASE_URL: await testCluster() }),
      ...(part === 'fuzz' ? FUZZ : {}),
    });
  if (part === 'all' || part === 'e2e') await endToEnd();
}

const begun = Date.now();
try {
  await runParts();
} catch (error) {
  const said = error instanceof Advice ? error.message : (error.stack ?? String(error));
  console.error(`\n${said}`);
  failures.push(said);
  totals.failed += 1;
} finally {
  await cleanUp();
}
if (failures.length > 0) console.log(`\nFailed:\n${failures.join('\n\n')}`);
console.log(
  `\n${durations.map(({ name, seconds }) => `${seconds.toFixed(0).padStart(5)} s  ${name}`).join('\n')}`,
);
console.log(
  `\nin ${Math.round((Date.now() - begun) / 1000)} s\n${totals.passed} passed, ${totals.failed} failed`,
);
process.exit(totals.failed > 0 || totals.passed === 0 ? 1 : 0);
