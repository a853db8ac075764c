import { readFileSync } from 'node:fs';
import path from 'node:path';
import { defineConfig, type LaunchOptions } from '@playwright/test';

const chromium = JSON.parse(
  readFileSync(path.join(import.meta.dirname, 'chromium.json'), 'utf8'),
) as LaunchOptions;

/** Debian's Chromium against the server that scripts/test.mjs started, whose address is in GYRUS_ADDRESS. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  timeout: 45_000,
  expect: { timeout: 8_000 },
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env.GYRUS_ADDRESS ?? 'http://127.0.0.1:4720',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    trace: 'retain-on-failure',
    launchOptions: chromium,
  },
});
