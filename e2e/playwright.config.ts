import { defineConfig } from '@playwright/test';

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
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
});
