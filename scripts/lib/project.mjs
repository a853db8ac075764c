import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { isFresh } from './freshness.mjs';

/** The folder of the project, whatever folder a script is called from. */
export const root = path.resolve(import.meta.dirname, '../..');

/** A failure whose message tells the person at the terminal what to do. */
export class Advice extends Error {}

/** Runs a command to its end; rejects with Advice when it fails. `quiet` keeps its output for the failure only. */
export function run(command, args, { quiet = false, env = {}, cwd = root, what = command } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: ['ignore', quiet ? 'pipe' : 'inherit', quiet ? 'pipe' : 'inherit'],
    });
    let output = '';
    child.stdout?.on('data', (data) => (output += data));
    child.stderr?.on('data', (data) => (output += data));
    child.on('error', (error) => reject(new Advice(`${what} could not be started: ${error.message}`)));
    child.on('close', (code) => {
      if (code === 0) resolve(output);
      else
        reject(
          new Advice(`${what} failed${output ? `:\n${output.trim().slice(-3000)}` : ` (exit ${code})`}`),
        );
    });
  });
}

/** Installs the packages of the lock file when they are missing or older than it. */
export async function installPackages({ quiet = false } = {}) {
  const marker = path.join(root, 'node_modules', '.package-lock.json');
  const lock = path.join(root, 'package-lock.json');
  if (existsSync(marker) && statSync(marker).mtimeMs >= statSync(lock).mtimeMs) return;
  if (!quiet) console.log('Installing the packages of the lock file (about a minute)…');
  await run('npm', ['ci', '--no-audit', '--no-fund'], { quiet, what: 'npm ci' });
}

const sourcesOf = (names) => names.map((name) => path.join(root, name, 'src'));
const SERVER = ['packages/core', 'packages/contract', 'packages/formats', 'packages/demo', 'apps/server'];
const CLI = ['packages/core', 'packages/formats', 'apps/cli'];
const WEB = ['packages/core', 'packages/contract', 'packages/formats', 'apps/web'];

const tsc = path.join(root, 'node_modules/typescript/bin/tsc');

/** Compiles what the command line needs, when its sources are newer; says nothing. */
export const buildCli = () =>
  buildOnce('cli', CLI, 'apps/cli', () =>
    run(process.execPath, [tsc, '-b', 'apps/cli'], { quiet: true, what: 'the compiler' }),
  );

/** Compiles the packages that documents are made with. */
export const buildPackages = () =>
  run(process.execPath, [tsc, '-b', 'packages/formats', 'packages/demo'], {
    quiet: true,
    what: 'the compiler',
  });

/** Compiles the server and bundles the pages, when their sources are newer. */
export async function buildAll({ quiet = false } = {}) {
  const say = quiet ? () => {} : console.log;
  await buildOnce('server', SERVER, 'apps/server', () => {
    say('Compiling the server…');
    return run(process.execPath, [tsc, '-b', 'apps/server'], { quiet, what: 'the compiler' });
  });
  await buildOnce('web', WEB, 'apps/web', () => {
    say('Building the pages…');
    const vite = path.join(root, 'node_modules/vite/bin/vite.js');
    return run(process.execPath, [vite, 'build', '--logLevel', 'warn'], {
      quiet,
      cwd: path.join(root, 'apps/web'),
      what: 'the page build',
    });
  });
}

/** Builds one part under a lock, so that two commands started together do not write over each other. */
async function buildOnce(name, parts, output, build) {
  const stamp = path.join(root, output, 'dist', '.built');
  const sources = [...sourcesOf(parts), ...(name === 'web' ? [path.join(root, 'apps/web/public')] : [])];
  if (isFresh(stamp, sources)) return;
  await withLock(path.join(root, 'node_modules', `.build-${name}.lock`), async () => {
    if (isFresh(stamp, sources)) return;
    const begun = new Date();
    await build();
    mkdirSync(path.dirname(stamp), { recursive: true });
    writeFileSync(stamp, begun.toISOString());
  });
}

async function withLock(lock, work) {
  const STALE = 180_000;
  for (;;) {
    try {
      mkdirSync(lock);
      break;
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
      const age = Date.now() - (statSync(lock, { throwIfNoEntry: false })?.mtimeMs ?? Date.now());
      if (age > STALE) rmSync(lock, { recursive: true, force: true });
      else await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  try {
    await work();
  } finally {
    rmSync(lock, { recursive: true, force: true });
  }
}

/** Whether a program is on the PATH. */
export const has = (program) => spawnSync('sh', ['-c', `command -v ${program}`]).status === 0;
