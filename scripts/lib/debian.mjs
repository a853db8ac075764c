import { has, run, Advice } from './project.mjs';

/** Installs Debian packages when `present` says they are missing, or says what to do where that is not permitted. */
export async function needPackages(what, packages, present) {
  if (present()) return;
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (process.getuid?.() !== 0 || !has('apt-get'))
    throw new Advice(
      `${what} is missing and cannot be installed from here. Install it, then start again:\n  sudo ${command}`,
    );
  console.log(`Installing ${what} from Debian's packages…`);
  const options = { quiet: true, env: { DEBIAN_FRONTEND: 'noninteractive' } };
  await run('apt-get', ['update'], { ...options, what: 'apt-get update' });
  await run('apt-get', ['install', '-y', '--no-install-recommends', ...packages], {
    ...options,
    what: command,
  });
  if (!present())
    throw new Advice(`${what} is still missing after "${command}": install it by hand, then start again.`);
}
