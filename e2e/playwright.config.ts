import { readFileSync } from 'node:fs';
import path from 'node:path';
import { defineConfig, type LaunchOptions } from '@playwright/test';

const read = <T>(file: string): T =>
  JSON.parse(readFileSync(path.join(import.meta.dirname, file), 'utf8')) as T;

const chromium = read<LaunchOptions>('chromium.json');
/** When a test is given up as hanging, and which part of it a single wait may take (scripts/testing/patience.mjs). ms */
const { test: usual, waits } = read<{ test: number; waits: number }>('../scripts/testing/patience.json');
const patience = Number(process.env.GYRUS_PATIENCE ?? usual);

/** The servers that scripts/test.mjs started, one for each worker: what one test writes, no test beside it reads. */
const addresses = (process.env.GYRUS_ADDRESSES ?? 'http://127.0.0.1:4720').split(' ');

/** Pages are drawn a third faster without a picture of a graphics card in between; 3-D has it all the same. */
const DRAWN_BY_PROCESSOR = ['--disable-gpu-rasterization', '--disable-gpu-compositing'];

/** After so many failures the rest is left: each waits until it is given up. */
const MOST_FAILURES = 10;

/** Debian's Chromium, as many at a time as there are servers. */
export default defineConfig({
  testDir: '.',
  outputDir: process.env.GYRUS_TRACE
    ? '../test-results'
    : (process.env.GYRUS_TEST_OUTPUT ?? '../test-results'),
  workers: addresses.length,
  maxFailures: MOST_FAILURES,
  timeout: patience,
  expect: { timeout: patience / waits },
  reporter: [['list'], ['../scripts/testing/playwrightReporter.mjs']],
  use: {
    baseURL: addresses[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? addresses[0],
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    actionTimeout: patience / waits,
    // A trace of every test takes a third of the time: GYRUS_TRACE=1 npm run test:e2e -- FILE when one has failed.
    trace: process.env.GYRUS_TRACE ? 'retain-on-failure' : 'off',
    launchOptions: { ...chromium, args: [...(chromium.args ?? []), ...DRAWN_BY_PROCESSOR] },
  },
});
