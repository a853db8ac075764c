// npm run mutants [FILE…]: changes one thing at a time in a file, and tells which changes no test beside it notices.
// Without a file: all whose figures reach the bench (docs/testing.md). Takes minutes to hours; what was tried before is not tried again.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { Stryker } from '@stryker-mutator/core';
import { Advice, installPackages, root } from './lib/project.mjs';

const CORE = 'packages/core/src';

/** What reaches the bench as a figure, with the tests that hold it: those of its room, or named ones. */
const FILES = {
  [`${CORE}/bending/marks.ts`]: [`${CORE}/bending/*.test.ts`],
  [`${CORE}/bending/springback.ts`]: [`${CORE}/bending/*.test.ts`],
  [`${CORE}/bending/clashes.ts`]: [`${CORE}/bending/*.test.ts`],
  [`${CORE}/bending/takeOff.ts`]: [`${CORE}/bending/*.test.ts`],
  [`${CORE}/cage/sheet/bendSheet.ts`]: [`${CORE}/cage/sheet/*.test.ts`],
  [`${CORE}/cage/hoop/hoop.ts`]: [`${CORE}/cage/hoop/*.test.ts`],
  [`${CORE}/cope/profile.ts`]: [`${CORE}/cope/*.test.ts`],
  [`${CORE}/cope/saw.ts`]: [`${CORE}/cope/*.test.ts`],
  [`${CORE}/harness/interval.ts`]: [`${CORE}/harness/*.test.ts`],
};

const asked = process.argv.slice(2).map((file) => path.relative(root, path.resolve(file)));
const files = asked.length > 0 ? asked : Object.keys(FILES);
const missing = files.find((file) => !existsSync(path.join(root, file)));

/** Of a file that is not in the list: the tests in its folder. */
const testsOf = (file) => FILES[file] ?? [`${path.dirname(file)}/*.test.ts`];

/** Of what the tests say: what they did not notice is tried again when any of them has changed. */
function markOf(patterns) {
  const hash = createHash('sha1');
  for (const folder of patterns.map((one) => path.join(root, path.dirname(one))))
    for (const name of readdirSync(folder).sort())
      if (name.endsWith('.test.ts')) hash.update(readFileSync(path.join(folder, name)));
  return hash.digest('hex').slice(0, 12);
}

async function mutantsOf(file) {
  const tests = testsOf(file);
  process.env.GYRUS_MUTANT_TESTS = tests.join(' ');
  const cache = path.join(root, 'node_modules/.cache/mutants');
  mkdirSync(cache, { recursive: true });
  const stryker = new Stryker({
    mutate: [file],
    testRunner: 'jest',
    plugins: ['@stryker-mutator/jest-runner'],
    jest: {
      projectType: 'custom',
      configFile: 'scripts/lib/mutants.jest.config.mjs',
      enableFindRelatedTests: false,
    },
    testRunnerNodeArgs: ['--experimental-vm-modules', '--no-warnings'],
    coverageAnalysis: 'off',
    ignorePatterns: [
      '**',
      '!packages/core/**',
      'packages/core/dist',
      '!scripts/**',
      '!*.mjs',
      '!*.json',
      '!.swcrc',
    ],
    incremental: true,
    incrementalFile: path.join(cache, `${file.replaceAll('/', '_')}.${markOf(tests)}.json`),
    tempDirName: '.mutants',
    reporters: ['dots'],
    allowConsoleColors: false,
    disableTypeChecks: false,
    logLevel: 'warn',
  });
  const results = await stryker.runMutationTest();
  const noticed = results.filter(({ status }) => status === 'Killed' || status === 'Timeout');
  const survivors = results.filter(({ status }) => status === 'Survived' || status === 'NoCoverage');
  console.log(`\n${file}: ${noticed.length} of ${noticed.length + survivors.length} noticed`);
  for (const { location, mutatorName, replacement } of survivors)
    console.log(`  ${location.start.line}:${location.start.column} ${mutatorName} → ${replacement}`);
}

try {
  if (missing) throw new Advice(`There is no ${missing}: name a file from the folder of the project.`);
  await installPackages();
  for (const file of files) await mutantsOf(file);
} catch (error) {
  console.error(error instanceof Advice ? `\n${error.message}` : error);
  process.exitCode = 1;
}
