import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/**
 * When a test is given up as hanging: the one number of all tests (ms, on the machine that `USUAL` was measured on), and the part of it
 * that a single wait may take. It ends what hangs and judges nothing.
 */
const { test: PATIENCE } = JSON.parse(readFileSync(path.join(import.meta.dirname, 'patience.json'), 'utf8'));

/** What the piece of work below took there, with nothing beside it. ms */
const USUAL = 160;

/** A fixed piece of work, as tests do it: sums, objects, text. */
function work() {
  const begun = performance.now();
  const hash = createHash('sha256');
  let sum = 0;
  for (let i = 0; i < 2e6; i += 1) sum += Math.sqrt(i) * Math.cos(i % 7);
  const rows = Array.from({ length: 4e4 }, (_, i) => ({ i, text: `row ${i}`, at: [i, i / 2, sum] }));
  hash.update(JSON.stringify(JSON.parse(JSON.stringify(rows))));
  hash.digest();
  return performance.now() - begun;
}

/** So many times slower than usual this machine is now; a faster one counts as usual. */
export function slowness() {
  const times = Array.from({ length: 5 }, work).sort((a, b) => a - b);
  return Math.max(1, times[2] / USUAL);
}

/** The patience of a run, in ms. slowed: by how much the browser is held back on purpose. */
export const patienceOn = (slower, slowed) => Math.round(PATIENCE * slower * slowed);
