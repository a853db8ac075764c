import path from 'node:path';
import { buildAll, buildCli, buildDevices, root, run } from '../lib/project.mjs';

export const bin = (name) => path.join(root, 'node_modules', '.bin', name);

const CACHE = 'node_modules/.cache';

const LINT = ['.', '--cache', '--cache-strategy', 'content', '--cache-location', `${CACHE}/eslint/`];
const FORMAT = ['--cache', '--cache-strategy', 'content', '--cache-location', `${CACHE}/prettier/cache`];

/** Sheets are made by the built worker, also where the rest of the server runs from its source. */
export async function buildEverything() {
  await buildCli();
  await buildAll();
  await buildDevices();
}

/** What needs no test runner, in two lines side by side: the linter takes as long as all others. */
export async function staticChecks(tally) {
  const step = stepsOf(tally);
  await Promise.all([step('lint', bin('eslint'), LINT), builtChecks(tally, step)]);
}

/** One check that passes or fails as a whole; it is heard only when it fails, as others run beside it. */
export const stepsOf = (tally) => (name, command, args) =>
  tally.timed(name, async () => {
    try {
      await run(command, args, { quiet: true, what: name });
      console.log(`✓ ${name}`);
      tally.pass();
    } catch (error) {
      console.error(`✕ ${error.message}`);
      tally.fail(error.message, `npx ${[path.basename(command), ...args].join(' ')}`);
    }
  });

async function builtChecks(tally, step) {
  await tally.timed('build', buildEverything);
  await step('types', bin('tsc'), ['-b']);
  await step('types of the tests', bin('tsc'), ['-p', 'tsconfig.test.json']);
  await step('schemas of docs/format', process.execPath, ['scripts/schemas.mjs', '--check']);
  await step('drawings of docs/members', process.execPath, ['scripts/members.mjs', '--check']);
  await step('import directions', bin('depcruise'), [
    ...['--config', '.dependency-cruiser.mjs', '--output-type', 'err'],
    ...['packages', 'apps'],
  ]);
  await step('unused files and exports', bin('knip'), ['--no-progress']);
  await step('formatting', bin('prettier'), ['--check', '--log-level', 'warn', ...FORMAT, '.']);
}
