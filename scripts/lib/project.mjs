import { mkdirSync, utimesSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { isFresh } from './freshness.mjs';
import { withLock } from './lock.mjs';
import { root, run } from './run.mjs';

export { installPackages } from './install.mjs';
export { Advice, endChildren, has, root, run } from './run.mjs';

const sourcesOf = (names) => names.map((name) => path.join(root, name, 'src'));
const SERVER = ['packages/core', 'packages/contract', 'packages/formats', 'packages/demo', 'apps/server'];
const CLI = ['packages/core', 'packages/formats', 'apps/cli'];
const WEB = ['packages/core', 'packages/contract', 'packages/formats', 'apps/web'];

const tsc = path.join(root, 'node_modules/typescript/bin/tsc');

/** Compiles what the command line needs, when its sources are newer; says so on standard error, and nothing when they are not. */
export const buildCli = ({ say = console.error } = {}) =>
  buildOnce('cli', CLI, 'apps/cli', (lock) => {
    say('Compiling the command line, once (some seconds)…');
    return run(process.execPath, [tsc, '-b', 'apps/cli'], { quiet: true, what: 'the compiler', lock });
  });

/** Compiles the simulated devices. */
export const buildDevices = () =>
  buildOnce('devices', ['packages/core', 'apps/devices'], 'apps/devices', (lock) =>
    run(process.execPath, [tsc, '-b', 'apps/devices'], { quiet: true, what: 'the compiler', lock }),
  );

/** Compiles the packages that documents are made with. */
export const buildPackages = () =>
  compiling((lock) =>
    run(process.execPath, [tsc, '-b', 'packages/formats', 'packages/demo'], {
      quiet: true,
      what: 'the compiler',
      lock,
    }),
  );

/** Compiles the server and bundles the pages, when their sources are newer. */
export async function buildAll({ quiet = false } = {}) {
  const say = quiet ? () => {} : console.log;
  await buildOnce('server', SERVER, 'apps/server', (lock) => {
    say('Compiling the server…');
    return run(process.execPath, [tsc, '-b', 'apps/server'], { quiet, what: 'the compiler', lock });
  });
  await buildOnce('web', WEB, 'apps/web', (lock) => {
    say('Building the pages…');
    const vite = path.join(root, 'node_modules/vite/bin/vite.js');
    return run(process.execPath, [vite, 'build', '--logLevel', 'warn'], {
      quiet,
      cwd: path.join(root, 'apps/web'),
      what: 'the page build',
      lock,
    });
  });
}

/** One compiler at a time: they all write into the packages that they share. */
const compiling = (work) => withLock(path.join(root, '.locks', 'build'), 'compiles', work);

/** Builds one part under a lock, so that two commands started together do not write over each other. */
async function buildOnce(name, parts, output, build) {
  const stamp = path.join(root, output, 'dist', '.built');
  const sources = [
    ...sourcesOf(parts),
    ...(name === 'web' ? [path.join(root, 'apps/web/public'), path.join(root, 'apps/web/build')] : []),
  ];
  if (isFresh(stamp, sources)) return;
  await compiling(async (lock) => {
    if (isFresh(stamp, sources)) return;
    const begun = new Date();
    await build(lock);
    mkdirSync(path.dirname(stamp), { recursive: true });
    writeFileSync(stamp, begun.toISOString());
    // What was changed while it was built is newer than it.
    utimesSync(stamp, begun, begun);
  });
}
