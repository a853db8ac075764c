import { readFileSync } from 'node:fs';
import path from 'node:path';
import { defineConfig, type LaunchOptions } from '@playwright/test';

const chromium = JSON.parse(
  readFileSync(path.join(import.meta.dirname, 'chromium.json'), 'utf8'),
) as LaunchOptions;

/** The servers that scripts/test.mjs started, one for each worker: what one test writes, no test beside it reads. */
const addresses = (process.env.GYRUS_ADDRESSES ?? 'http://127.0.0.1:4720').split(' ');

/** Pages are drawn a third faster without a picture of a graphics card in between; 3-D has it all the same. */
const DRAWN_BY_PROCESSOR = ['--disable-gpu-rasterization', '--disable-gpu-compositing'];

/** Debian's Chromium, as many at a time as there are servers. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: addresses.length,
  timeout: 45_000,
  expect: { timeout: 8_000 },
  reporter: [['list'], ['json']],
  use: {
    baseURL: addresses[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? addresses[0],
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // A trace of every test takes a third of the time: GYRUS_TRACE=1 npm run test:e2e -- FILE when one has failed.
    trace: process.env.GYRUS_TRACE ? 'retain-on-failure' : 'off',
    launchOptions: { ...chromium, args: [...(chromium.args ?? []), ...DRAWN_BY_PROCESSOR] },
  },
});
