import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { root } from '../lib/run.mjs';
import { askedFor } from './asked.mjs';
import { writeGroups } from './groups.mjs';
import { partOf, testFiles } from './jestTests.mjs';
import { nearTests } from './near.mjs';
import { needRoom } from './needs.mjs';
import { specsOf } from './pagesOfSpecs.mjs';
import { patienceOn } from './patience.mjs';
import { Tally } from './tally.mjs';

const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-testing-'));
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

describe('what is asked for', () => {
  test('a part with what goes to its runner, and the switches of a run', () => {
    expect(askedFor(['--only', 'e2e', '-g', 'a name', '--slow-browser=4'])).toMatchObject({
      only: 'e2e',
      slowBrowser: 4,
      extra: ['-g', 'a name'],
    });
    expect(askedFor([])).toMatchObject({ only: null, near: false, thorough: false, extra: [] });
  });

  test.each([
    [['--only', 'moon'], /"moon" is no part of the tests/],
    [['-g', 'a name'], /goes to the runner of one part: say which with --only/],
    [['--slow-browser', 'very'], /a number from 1 to 20, not "very"/],
  ])('%j is told, with what there is', (args, message) => {
    expect(() => askedFor(args)).toThrow(message);
    expect(() => askedFor(args)).toThrow(/npm run test:near/);
  });

  test('the command says so before anything is begun', () => {
    const { status, stdout } = spawnSync(process.execPath, ['scripts/test.mjs', '--only', 'moon'], {
      cwd: root,
      encoding: 'utf8',
    });
    expect(status).toBe(1);
    expect(stdout).toContain('"moon" is no part of the tests');
    expect(stdout.trim().split('\n').at(-1)).toBe('0 passed, 1 failed');
  });
});

test('a full disk is told with its folder before the first test', () => {
  expect(() => needRoom('/somewhere', 2499)).toThrow(/^The disk of \/somewhere has 2499 MB free/);
  expect(() => needRoom('/somewhere', 2500)).not.toThrow();
});

test('the patience of a run grows with a slower machine and a slowed browser', () => {
  expect(patienceOn(3, 4)).toBe(12 * patienceOn(1, 1));
});

test('every test file is in one group and no other; what puts a module in place of another is alone', () => {
  const files = testFiles();
  writeGroups(files, scratch);
  const groups = readdirSync(scratch).map((name) => readFileSync(path.join(scratch, name), 'utf8'));
  const inGroups = groups.flatMap((text) => files.filter((file) => text.includes(`["${file}",`)));
  expect(inGroups.sort()).toEqual(files);
  const mocking = groups.filter((text) => text.includes('apps/web/src/answers/away.test.ts'));
  expect(mocking.map((text) => text.match(/\.test\.tsx?",/g))).toEqual([['.test.ts",']]);
});

describe('what is near a change', () => {
  test('its own test first, then those beside it; of the server those of its module', () => {
    const near = nearTests(['packages/core/src/cope/saw.ts']);
    expect(near[0]).toBe('packages/core/src/cope/saw.test.ts');
    expect(near).toContain('packages/core/src/cope/profile.test.ts');
    expect(near).not.toContain('packages/core/src/stock/nest/nest.test.ts');
    const api = nearTests(['apps/server/src/jobs/appendRevision.ts']);
    expect(api.filter((file) => partOf(file) === 'api')).toEqual(
      expect.arrayContaining(['apps/server/src/jobs/jobs.api.test.ts']),
    );
  });

  test('a touched page names its spec, a touched test of it does not', () => {
    expect(specsOf(['apps/web/src/stages/cope/CopeStage.tsx'])).toEqual(['e2e/copes.spec.ts']);
    expect(specsOf(['apps/web/src/stages/cope/a.test.ts', 'packages/core/src/cope/saw.ts'])).toEqual([]);
    expect(specsOf(['e2e/floor.spec.ts'])).toEqual(['e2e/floor.spec.ts']);
  });

  test('every spec that a page names is there', () => {
    const specs = readdirSync(path.join(root, 'e2e'));
    const pages = ['brief', 'survey', 'design', 'driver', 'harness', 'bend', 'practice', 'cope', 'build'];
    for (const page of pages)
      for (const spec of specsOf([`apps/web/src/stages/${page}/x.tsx`]))
        expect(specs).toContain(path.basename(spec));
  });
});

test('the end of a run: what took longest with what it waited for, what failed with how to run it alone, the counts last', () => {
  const tally = new Tally();
  const waits = [{ what: 'Click (a.spec.ts:4)', ms: 1500 }];
  tally.test({ name: 'quick', passed: true, ms: 10 });
  tally.test({
    name: 'slow',
    passed: false,
    ms: 2000,
    waits,
    message: 'why',
    alone: 'npm test -- --only e2e a:4',
  });
  const words = tally.words(3000);
  expect(words).toMatch(/2\.0 s {2}slow\n\s+1\.5 Click \(a\.spec\.ts:4\)\n\s+0\.0 s {2}quick/);
  expect(words).toContain('slow\nwhy\n  alone: npm test -- --only e2e a:4');
  expect(words.split('\n').at(-1)).toBe('1 passed, 1 failed');
});
