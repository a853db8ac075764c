/* global document, HTMLInputElement */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM, needChromium } from '../scripts/lib/chromium.mjs';
import { Cluster } from '../scripts/lib/postgres.mjs';
import { startServer, stopServer } from '../scripts/lib/server.mjs';

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
const EDITS = 50;
const KEYS = 60;
/** From the key to the new geometry, handed to the renderer. ms */
const KEY_LIMIT = 100;

/** The page with the demo cage in space: from a key to its new geometry over 50 edits, and the memory it then holds. */
export async function pageRows() {
  await needChromium();
  const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-bench-'));
  chmodSync(scratch, 0o711);
  const cluster = new Cluster(path.join(scratch, 'cluster'), { lasting: false });
  let server;
  let browser;
  try {
    server = startServer({ databaseUrl: await cluster.start(), port: 0, demo: true });
    const address = await server.address;
    browser = await chromium.launch(CHROMIUM);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${address}${DEMO}/design?view=space`);
    await page.locator('canvas').waitFor();
    await page.waitForTimeout(3000);
    const times = await page.evaluate(editTimes, EDITS);
    times.sort((a, b) => a - b);
    const session = await page.context().newCDPSession(page);
    await session.send('HeapProfiler.collectGarbage');
    await session.send('Performance.enable');
    const { metrics } = await session.send('Performance.getMetrics');
    const heap = metrics.find(({ name }) => name === 'JSHeapUsedSize').value / 1e6;
    const row = (name, ms) => ({
      row: `key to new geometry of the cage, ${name} of ${EDITS} edits`,
      value: `${ms.toFixed(1)} ms`,
      ratio: ms / KEY_LIMIT,
      of: `of ${KEY_LIMIT} ms`,
    });
    const longest = await longestTask(
      await browser.newPage({ viewport: { width: 1280, height: 800 } }),
      address,
    );
    return [
      row('median', times[Math.floor(times.length / 2)]),
      row('worst', times[times.length - 1]),
      {
        row: 'memory of the page with the cage open, after them',
        value: `${heap.toFixed(1)} MB`,
        ratio: heap / 100,
        of: 'of 100 MB',
      },
      {
        row: `longest task of the page, ${KEYS} keys typed at Survey`,
        value: `${longest.toFixed(0)} ms`,
        ratio: longest / KEY_LIMIT,
        of: `of ${KEY_LIMIT} ms`,
      },
    ];
  } finally {
    await browser?.close();
    if (server) await stopServer(server.child);
    cluster.remove();
    rmSync(scratch, { recursive: true, force: true });
  }
}

/** Types measures at Survey of the demo cage; the longest that the page's own thread was busy with one thing. ms, 0 below 50 */
async function longestTask(page, address) {
  await page.goto(`${address}${DEMO}/survey`);
  const box = page.getByLabel('headliner at the centre', { exact: true });
  await box.waitFor();
  // Everything that is fetched and worked out at first is there by then.
  await page.waitForTimeout(8000);
  await page.evaluate(() => {
    globalThis.longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries())
        globalThis.longest = Math.max(globalThis.longest, duration);
    }).observe({ type: 'longtask' });
  });
  for (let typed = 0; typed < KEYS; typed += 6) {
    await box.fill('');
    await box.pressSequentially(`4${typed % 3} 1/16`.slice(0, 6), { delay: 150 });
    await page.waitForTimeout(1500);
  }
  return page.evaluate(() => globalThis.longest);
}

/** Runs in the page: types another clearance, and waits until geometry was made after that key. */
async function editTimes(edits) {
  const label = [...document.querySelectorAll('label')].find((one) => one.textContent === 'clearance above');
  const input = document.getElementById(label.htmlFor);
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
  input.focus();
  const times = [];
  for (let i = 0; i < edits; i++) {
    performance.clearMarks('gyrus-geometry');
    const begun = performance.now();
    set.call(input, `${10 + (i % 7)} mm`);
    input.dispatchEvent(new Event('input', { bubbles: true }));
    let made;
    while (!made) {
      await pause(0);
      made = performance.getEntriesByName('gyrus-geometry').at(-1);
    }
    times.push(made.startTime - begun);
    // Drawing in software takes a while; the next key waits for it.
    await pause(800);
  }
  return times;
}
