// npm test: lint, types, unit, API and end-to-end tests on a machine that has only Node.js and npm.
// Parts: node scripts/test.mjs unit|api|e2e, and fuzz: many more requests than in npm test, from a seed of the moment. The last line is "N passed, N failed".
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { spawn } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import { Advice, buildAll, buildCli, installPackages, root, run } from './lib/project.mjs';

const part = process.argv[2] ?? 'all';
const extra =
  part === 'fuzz' ? ['--testPathPatterns', 'fuzz', ...process.argv.slice(3)] : process.argv.slice(3);
const wants = (name) => part === 'all' || part === name;
const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-test-'));
// PostgreSQL's user must be able to enter it.
chmodSync(scratch, 0o711);
const totals = { passed: 0, failed: 0 };
let cluster;
const servers = [];

const bin = (name) => path.join(root, 'node_modules', '.bin', name);

/** One check that passes or fails as a whole. */
async function step(name, command, args, options = {}) {
  console.log(`\n— ${name}`);
  try {
    await run(command, args, { ...options, what: name });
    totals.passed += 1;
  } catch (error) {
    console.error(error.message);
    totals.failed += 1;
  }
}

/** A test runner that writes its counts to a file; a runner that dies without one counts as a failure. */
async function suite(name, command, args, env, countsOf) {
  console.log(`\n— ${name}`);
  const code = await exitCode(command, args, env);
  const counts = countsOf();
  totals.passed += counts.passed;
  totals.failed += counts.failed;
  if (code !== 0 && counts.failed === 0) totals.failed += 1;
}

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

function jest(project, env = {}) {
  const report = path.join(scratch, `${project}.json`);
  const args = ['--selectProjects', project, '--json', `--outputFile=${report}`, ...extra];
  return suite(
    `${project} tests`,
    bin('jest'),
    args,
    { NODE_OPTIONS: '--experimental-vm-modules --no-warnings', ...env },
    () =>
      readCounts(report, (json) => ({
        passed: json.numPassedTests,
        failed: json.numFailedTests + json.numRuntimeErrorTestSuites,
      })),
  );
}

function readCounts(file, pick) {
  try {
    return pick(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return { passed: 0, failed: 1 };
  }
}

async function endToEnd() {
  const { needChromium } = await import('./lib/chromium.mjs');
  const { startServer } = await import('./lib/server.mjs');
  await needChromium();
  await buildAll();
  const databaseUrl = await testCluster();
  const [demo, empty] = [await ownDatabase(databaseUrl, 'e2e'), await ownDatabase(databaseUrl, 'e2e_empty')];
  // A second program with nothing in it, to take in what the first one gave out.
  servers.push(startServer({ databaseUrl: demo, port: 0, demo: true }));
  servers.push(startServer({ databaseUrl: empty, port: 0, demo: false }));
  const [address, emptyAddress] = await Promise.all(servers.map((server) => server.address));
  const report = path.join(scratch, 'e2e.json');
  const env = {
    GYRUS_ADDRESS: address,
    GYRUS_EMPTY_ADDRESS: emptyAddress,
    PLAYWRIGHT_JSON_OUTPUT_NAME: report,
  };
  await suite(
    'end-to-end tests',
    bin('playwright'),
    ['test', '--config', 'e2e/playwright.config.ts', ...extra],
    env,
    () =>
      readCounts(report, ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected })),
  );
}

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

const begun = Date.now();
try {
  await installPackages();
  if (part === 'all') {
    await step('lint', bin('eslint'), ['.', '--cache', '--cache-location', 'node_modules/.cache/eslint/']);
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
    await step('types', bin('tsc'), ['-b']);
    await step('schemas of docs/format', process.execPath, ['scripts/schemas.mjs', '--check']);
    await step('drawings of docs/members', process.execPath, ['scripts/members.mjs', '--check']);
    await step('types of the tests', bin('tsc'), ['-p', 'tsconfig.test.json']);
  }
  if (wants('unit')) {
    await buildCli();
    await jest('unit');
  }
  if (wants('api')) {
    // Sheets are made by the built worker, also where the rest of the server runs from its source.
    await buildAll();
    await jest('api', { GYRUS_TEST_DATABASE_URL: await testCluster() });
    await buildCli();
    await jest('start');
  }
  if (part === 'fuzz') {
    await buildAll();
    await jest('api', {
      GYRUS_TEST_DATABASE_URL: await testCluster(),
      GYRUS_FUZZ_RUNS: process.env.GYRUS_FUZZ_RUNS ?? '1000',
      GYRUS_FUZZ_SEED: process.env.GYRUS_FUZZ_SEED ?? String(Date.now() % 1e9),
    });
  }
  if (wants('e2e')) await endToEnd();
} catch (error) {
  console.error(error instanceof Advice ? `\n${error.message}` : error);
  totals.failed += 1;
} finally {
  await cleanUp();
}
console.log(
  `\nin ${Math.round((Date.now() - begun) / 1000)} s\n${totals.passed} passed, ${totals.failed} failed`,
);
process.exit(totals.failed > 0 || totals.passed === 0 ? 1 : 0);
