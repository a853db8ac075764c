import { appendFileSync } from 'node:fs';
import { TextDecoder, TextEncoder } from 'node:util';
import fc from 'fast-check';

// One seed for every property: a failure on one machine is the same on another, and CI never fails by chance.
fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: 1964 });

// The router asks for both as it is loaded; a page in jsdom has neither.
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;

/** How much of a longer test is its own work is told at the end of a run; a shorter one is not looked at. ms */
const LONGER = 300;

const report = process.env.GYRUS_TEST_REPORT;
if (report) {
  let begun;
  beforeEach(() => {
    begun = { at: performance.now(), cpu: process.cpuUsage() };
  });
  afterEach(() => {
    if (!begun || performance.now() - begun.at < LONGER) return;
    const { user, system } = process.cpuUsage(begun.cpu);
    const test = expect.getState().currentTestName;
    appendFileSync(`${report}.cpu`, `${JSON.stringify({ test, ms: (user + system) / 1000 })}\n`);
  });
}
