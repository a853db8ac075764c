import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Advice, buildCli, root } from '../lib/project.mjs';
import { endToEnd } from './endToEnd.mjs';
import { jestTests, partOf, testFiles } from './jestTests.mjs';
import { specsOf } from './pagesOfSpecs.mjs';
import { bin, buildEverything, stepsOf } from './staticChecks.mjs';

/** So many test files at most, the nearest first: npm test has the others. */
const MOST_FILES = 40;

/** What a change can reach, in about two minutes: its files linted, the types, tests beside it and of who uses it, its module's API, its pages. */
export async function near(tally, { asked, ...run }) {
  const changed = changedSince(asked.since);
  const tests = nearTests(changed);
  const specs = specsOf(changed);
  say({ changed, tests, specs });
  const step = stepsOf(tally);
  const linted = changed.filter((file) => /\.(tsx?|mjs|cjs)$/.test(file));
  const parts = [...new Set(tests.map(partOf))];
  await tally.timed('build', parts.includes('api') || specs.length > 0 ? buildEverything : buildCli);
  await Promise.all([
    step('types of the tests', bin('tsc'), ['-p', 'tsconfig.test.json']),
    ...(linted.length > 0 ? [step('lint', bin('eslint'), linted)] : []),
  ]);
  if (tests.length > 0) {
    const env = {
      ...run.env,
      ...(parts.includes('api') && { GYRUS_TEST_DATABASE_URL: await run.databases.url() }),
    };
    await jestTests(tally, { ...run, env, name: 'tests near the change', parts, files: tests, start: false });
  }
  if (specs.length > 0) await endToEnd(tally, { ...run, more: specs });
}

const git = (...args) =>
  execFileSync('git', args, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean);

/** Files that differ from a commit, new ones too; those of the last commit where nothing differs. Throws Advice. */
function changedSince(since) {
  try {
    const own = [
      ...git('diff', '--name-only', '--diff-filter=d', since),
      ...git('ls-files', '--others', '--exclude-standard'),
    ];
    return own.length > 0 ? own : git('diff', '--name-only', '--diff-filter=d', `${since}~1`, since);
  } catch {
    throw new Advice(
      `What has changed since "${since}" is asked of git, and it does not know: name a commit with --since.`,
    );
  }
}

/** Test files from the project's root, the nearest to the change first. */
export function nearTests(changed, all = testFiles()) {
  const sources = changed.filter((file) => /^(packages|apps)\/[^/]+\/src\//.test(file));
  return all
    .map((file) => ({ file, far: Math.min(Infinity, ...sources.map((source) => distance(file, source))) }))
    .filter(({ far }) => far < Infinity)
    .sort((a, b) => a.far - b.far || a.file.localeCompare(b.file))
    .slice(0, MOST_FILES)
    .map(({ file }) => file);
}

/** Itself or of the same name 0, beside it 1, a test that names it where it imports 2, of the same module of the server 3. */
function distance(test, source) {
  if (test === source || stem(test) === stem(source)) return 0;
  if (path.dirname(test) === path.dirname(source)) return 1;
  if (importsOf(test).some((name) => name.endsWith(`/${path.basename(source)}`))) return 2;
  return moduleOf(test) !== null && moduleOf(test) === moduleOf(source) ? 3 : Infinity;
}

const stem = (file) => file.replace(/(\.api)?(\.test)?\.tsx?$/, '');
const moduleOf = (file) => /^apps\/server\/src\/[^/]+\//.exec(file)?.[0] ?? null;
const importsOf = (file) =>
  [...readFileSync(path.join(root, file), 'utf8').matchAll(/from '([^']+)'/g)].map(([, name]) => name);

const say = ({ changed, tests, specs }) =>
  console.log(
    `${changed.length} files have changed: ${tests.length} test files and ${specs.length === 0 ? 'no spec' : specs.join(', ')} are near them. npm test has the others.`,
  );
