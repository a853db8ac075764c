import { spawn, spawnSync } from 'node:child_process';
import path from 'node:path';

/** The folder of the project, whatever folder a script is called from. */
export const root = path.resolve(import.meta.dirname, '../..');

/** A failure whose message tells the person at the terminal what to do. */
export class Advice extends Error {}

/** Process groups that run now: they end with this process, by whatever signal it ends. */
const groups = new Set();

for (const [signal, number] of Object.entries({ SIGINT: 2, SIGTERM: 15, SIGHUP: 1 }))
  process.on(signal, () => {
    endChildren();
    // A script with a way of its own to stop goes it; any other ends here.
    if (process.listenerCount(signal) === 1) process.exit(128 + number);
  });

export function endChildren() {
  for (const pid of groups)
    try {
      process.kill(-pid, 'SIGTERM');
    } catch {
      // It ended by itself.
    }
}

/**
 * Runs a command to its end, in a process group of its own; rejects with Advice when it fails. `quiet` keeps its output for the failure
 * only. `lock`: is told of the group, so that it does not outlive a starter that is killed.
 */
export function run(command, args, { quiet = false, env = {}, cwd = root, what = command, lock } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: ['ignore', quiet ? 'pipe' : 'inherit', quiet ? 'pipe' : 'inherit'],
      detached: true,
    });
    if (child.pid) groups.add(child.pid);
    lock?.note(child.pid);
    let output = '';
    child.stdout?.on('data', (data) => (output += data));
    child.stderr?.on('data', (data) => (output += data));
    const done = () => {
      groups.delete(child.pid);
      lock?.note(null);
    };
    child.on('error', (error) => {
      done();
      reject(new Advice(`${what} could not be started: ${error.message}`));
    });
    child.on('close', (code) => {
      done();
      if (code === 0) resolve(output);
      else
        reject(
          Object.assign(
            new Advice(`${what} failed${output ? `:\n${output.trim().slice(-3000)}` : ` (exit ${code})`}`),
            { output, code },
          ),
        );
    });
  });
}

// A script that does not catch its failure says what to do, without the program's insides.
process.on('uncaughtException', (error) => {
  console.error(error instanceof Advice ? `\n${error.message}` : error);
  process.exit(1);
});

/** Whether a program is on the PATH. */
export const has = (program) => spawnSync('sh', ['-c', `command -v ${program}`]).status === 0;
