import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { withLock } from './lock.mjs';
import { Advice, root, run } from './run.mjs';

/** What npm says when nobody answered. */
const NO_NETWORK = /ENOTFOUND|EAI_AGAIN|ETIMEDOUT|ECONNREFUSED|ECONNRESET|ENETUNREACH|EHOSTUNREACH|network/;

const lockFile = (folder) => path.join(folder, 'package-lock.json');
/** Written when an install is complete, with what it was an install of. Taken away before one begins. */
const markerOf = (folder) => path.join(folder, 'node_modules', '.installed');

const hashOf = (folder) =>
  createHash('sha256')
    .update(readFileSync(lockFile(folder)))
    .digest('hex');

/**
 * Whether every package of the lock file is there, those of each workspace too. An install that was broken off has no marker; one that
 * somebody took a part of away is found by that part.
 */
export function isInstalled(folder = root) {
  const marker = markerOf(folder);
  if (!existsSync(marker) || readFileSync(marker, 'utf8') !== hashOf(folder)) return false;
  const { packages } = JSON.parse(readFileSync(lockFile(folder), 'utf8'));
  return Object.entries(packages).every(
    ([place, { optional, link, peer }]) =>
      !place.includes('node_modules/') || optional || peer || link || existsSync(path.join(folder, place)),
  );
}

/** Installs the packages of the lock file when they are not all there. Two that come together install once. */
export async function installPackages({ say = console.log } = {}) {
  if (isInstalled()) return;
  await withLock(path.join(root, '.locks', 'install'), 'installs the packages', async (lock) => {
    if (isInstalled()) return;
    say('Installing the packages of the lock file (about a minute)…');
    rmSync(markerOf(root), { force: true });
    await npmCi(lock);
    mkdirSync(path.dirname(markerOf(root)), { recursive: true });
    writeFileSync(markerOf(root), hashOf(root));
  });
}

async function npmCi(lock) {
  // Without these npm asks a network that is not there for minutes.
  const patience = [
    '--fetch-retries=1',
    '--fetch-timeout=20000',
    '--fetch-retry-mintimeout=1000',
    '--fetch-retry-maxtimeout=5000',
  ];
  const args = ['ci', '--no-audit', '--no-fund', '--prefer-offline', ...patience];
  try {
    await run('npm', args, { quiet: true, what: 'npm ci', lock });
  } catch (error) {
    if (NO_NETWORK.test(error.output ?? ''))
      throw new Advice(
        'The packages could not be fetched, as the registry of npm does not answer: check the network (and npm config get registry), then start again.',
      );
    throw error;
  }
}
