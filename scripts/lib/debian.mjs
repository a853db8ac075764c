import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { Advice, has, run } from './run.mjs';

/** apt-get says 0 when nothing could be fetched, unless it is told that this is an error. */
const UPDATE = ['update', '-o', 'APT::Update::Error-Mode=any'];
const installOf = (packages) => ['install', '-y', '--no-install-recommends', ...packages];

const CLUSTERS = '/etc/postgresql-common/createcluster.conf';
const NO_CLUSTER = 'create_main_cluster = false';

/** Installs Debian packages when `present` says they are missing, or says what to do where that is not permitted. */
export async function needPackages(what, packages, present) {
  if (present()) return;
  const byHand = `sudo apt-get update && sudo apt-get ${installOf(packages).join(' ')}`;
  refuseWhereNotPermitted(what, byHand);
  await update(what);
  await install(what, packages);
  if (!present())
    throw new Advice(`${what} is still missing: install it by hand, then start again:\n  ${byHand}`);
}

/**
 * PostgreSQL's programs. Debian's package makes and starts a cluster of the system's own: its common part is installed first and told not
 * to, as Gyrus has a cluster in its own folder.
 */
export async function needPostgres(present) {
  if (present()) return;
  const byHand = [
    'sudo apt-get update && sudo apt-get install -y --no-install-recommends postgresql-common',
    `echo '${NO_CLUSTER}' | sudo tee -a ${CLUSTERS}`,
    'sudo apt-get install -y --no-install-recommends postgresql',
  ].join('\n  ');
  refuseWhereNotPermitted('PostgreSQL', byHand);
  await update('PostgreSQL');
  await install('PostgreSQL', ['postgresql-common']);
  const restore = withoutMainCluster();
  try {
    await install('PostgreSQL', ['postgresql']);
  } finally {
    restore();
  }
  if (!present())
    throw new Advice(`PostgreSQL is still missing: install it by hand, then start again:\n  ${byHand}`);
}

/** Tells Debian's package to make no cluster, and gives the way back. A line of somebody else's is left as it is. */
export function withoutMainCluster(file = CLUSTERS) {
  const before = existsSync(file) ? readFileSync(file, 'utf8') : '';
  const others = before.split('\n').filter((line) => !/^\s*create_main_cluster\b/.test(line));
  writeFileSync(file, [...others, NO_CLUSTER, ''].join('\n'));
  return () => writeFileSync(file, before);
}

function refuseWhereNotPermitted(what, byHand) {
  if (process.getuid?.() === 0 && has('apt-get')) return;
  throw new Advice(
    `${what} is missing and cannot be installed from here. Install it, then start again:\n  ${byHand}`,
  );
}

async function update(what) {
  console.log(`Installing ${what} from Debian's packages…`);
  try {
    await run('apt-get', UPDATE, { quiet: true, what: 'apt-get update' });
  } catch {
    throw new Advice(
      `${what} could not be fetched, as Debian's package server does not answer: check the network, then start again.`,
    );
  }
}

const install = (what, packages) =>
  run('apt-get', installOf(packages), {
    quiet: true,
    env: { DEBIAN_FRONTEND: 'noninteractive' },
    what: `installing ${what}`,
  });
