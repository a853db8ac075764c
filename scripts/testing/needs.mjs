import { statfsSync } from 'node:fs';
import { needChromium } from '../lib/chromium.mjs';
import { needPostgresPrograms } from '../lib/postgres.mjs';
import { Advice, root } from '../lib/run.mjs';

/** What a whole run writes: packages, builds, throw-away databases. MB */
const ROOM = 2500;

const MB = 1024 * 1024;

/** Everything that a part of the tests needs of the machine, found or installed before its first test. Throws Advice. */
export async function needMachine({ parts, scratch }) {
  for (const folder of [root, scratch]) needRoom(folder);
  if (parts.some((part) => part === 'api' || part === 'e2e')) await needPostgresPrograms();
  if (parts.includes('e2e')) await needChromium();
}

/** free: MB, read from the disk where it is not given. */
export function needRoom(folder, free = freeIn(folder)) {
  if (free >= ROOM) return;
  throw new Advice(
    `The disk of ${folder} has ${Math.floor(free)} MB free, and the tests write up to ${ROOM} MB: make room, or set TMPDIR to a folder on another disk, then start again.`,
  );
}

function freeIn(folder) {
  const { bavail, bsize } = statfsSync(folder);
  return (bavail * bsize) / MB;
}
