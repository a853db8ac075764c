import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { root, run } from '../lib/run.mjs';
import { writeGroups } from './groups.mjs';
import { bin } from './staticChecks.mjs';

const MODULES = '--experimental-vm-modules --no-warnings';

/** As many at a time as there are cores: nothing else runs beside them. */
const AT_A_TIME = '--maxWorkers=100%';

/** Test files of the packages and programs, from the project's root. */
export const testFiles = () =>
  ['packages', 'apps']
    .flatMap((folder) => readdirSync(path.join(root, folder)).map((name) => `${folder}/${name}/src`))
    .flatMap((source) =>
      readdirSync(path.join(root, source), { recursive: true, encoding: 'utf8' }).map(
        (file) => `${source}/${file}`,
      ),
    )
    .filter((file) => /\.test\.tsx?$/.test(file))
    .sort();

export const partOf = (file) =>
  file.startsWith('scripts/') || file.endsWith('.api.test.ts') ? 'api' : 'unit';

/**
 * Tests of Jest, in groups that share their modules. files: from the project's root, none for all of the parts; more: what goes to Jest
 * itself, one file at a time then, as somebody looks at one.
 */
export async function jestTests(
  tally,
  { name, parts, files = testFiles(), start = parts.includes('api'), more = [], scratch, env },
) {
  const report = path.join(scratch, 'jest.json');
  const groups = path.join(scratch, 'groups');
  if (more.length === 0)
    writeGroups(
      files.filter((file) => parts.includes(partOf(file))),
      groups,
    );
  const chosen =
    more.length === 0
      ? [
          '--config',
          'scripts/testing/grouped.jest.config.mjs',
          '--selectProjects',
          'together',
          ...(start ? ['start'] : []),
        ]
      : // Names of files come first: --selectProjects takes all that follow it.
        [...more, '--selectProjects', ...parts, ...(start ? ['start'] : [])];
  await tally.timed(name, async () => {
    console.log(`\n— ${name}`);
    const code = await codeOf(
      run(bin('jest'), [AT_A_TIME, ...chosen], {
        what: name,
        env: { ...env, NODE_OPTIONS: MODULES, GYRUS_TEST_REPORT: report, GYRUS_TEST_GROUPS: groups },
      }),
    );
    take(tally, report, { name, code });
  });
}

export const codeOf = (running) =>
  running.then(
    () => 0,
    ({ code }) => code ?? 1,
  );

const read = (report) => {
  try {
    return JSON.parse(readFileSync(report, 'utf8'));
  } catch {
    return null;
  }
};

function take(tally, report, { name, code }) {
  const files = read(report);
  if (!files) return tally.fail(`${name} said nothing of its tests: its runner ended with ${code}`);
  const computed = computedIn(`${report}.cpu`);
  let failed = 0;
  for (const { file, setUp, broken, tests } of files) {
    if (broken) tally.fail(`${file}\n${broken}`, aloneOf(file));
    for (const test of tests) {
      failed += test.passed ? 0 : 1;
      tally.test({
        ...test,
        name: `${test.file} › ${test.name}`,
        waits: waitsOf(test, computed),
        alone: aloneOf(test.file, test.name),
      });
    }
    tally.tests.push({
      name: `${file}: loading its modules, and what stands before its tests`,
      ms: setUp,
      waits: [],
    });
    failed += broken ? 1 : 0;
  }
  if (code !== 0 && failed === 0)
    tally.fail(`${name} ended with ${code}, though every test that it counted passed`);
}

/** What each longer test computed itself, by its name, as scripts/lib/jestSetup.mjs writes it down. */
function computedIn(file) {
  try {
    const lines = readFileSync(file, 'utf8').trim().split('\n');
    return new Map(lines.map((line) => JSON.parse(line)).map(({ test, ms }) => [test, ms]));
  } catch {
    return new Map();
  }
}

function waitsOf({ file, name, ms }, computed) {
  const own = computed.get(`${file} ${name}`) ?? computed.get(name);
  if (own === undefined) return [];
  const others = Math.max(0, ms - own);
  return [
    { what: 'computing', ms: Math.min(own, ms) },
    { what: 'waiting for others', ms: others },
  ].sort((a, b) => b.ms - a.ms);
}

const quoted = (text) => JSON.stringify(text.replace(/[.*+?^${}()|[\]\\]/g, '.')).replaceAll('$', '.');

const aloneOf = (file, name) =>
  `npm test -- --only ${partOf(file)} ${file}${name ? ` -t ${quoted(name)}` : ''}`;
