import { spawn } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { Advice, root } from './run.mjs';

const MAIN = path.join(root, 'apps/server/dist/main.js');

/** Room for what lives as long as one answer, in MB: with the usual 16 every tenth save waits for plans to be swept up. */
const YOUNG = '--max-semi-space-size=64';

/** A server that has not ended by then is made to. ms */
const FORCE_AFTER = 8000;

/** Where the process of the server is written down, so that one whose starter was killed is found. */
const noteIn = (folder) => path.join(folder, 'server.pid');

/** Ends a server on this data whose starter was killed. */
export async function stopOrphan(folder) {
  const pid = orphanIn(folder);
  if (pid === null) return;
  process.kill(pid, 'SIGTERM');
  for (let waited = 0; orphanIn(folder) !== null; waited += 100) {
    if (waited === FORCE_AFTER) process.kill(pid, 'SIGKILL');
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  rmSync(noteIn(folder), { force: true });
}

/** The process of a server that still runs on this data; null where none does. A number given to another program is told by its command. */
function orphanIn(folder) {
  try {
    const pid = Number(readFileSync(noteIn(folder), 'utf8'));
    const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0');
    return command.includes(MAIN) && command.includes(folder) ? pid : null;
  } catch {
    return null;
  }
}

/** Refuses a port that another program listens on, before anything is made. */
export const needPort = (port) =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error) =>
      reject(new Advice(error.code === 'EADDRINUSE' ? taken(port) : notOurs(port, error))),
    );
    probe.listen(port, '127.0.0.1', () => probe.close(resolve));
  });

const taken = (port) => `Port ${port} is in use. Choose another: npm start -- --port ${Number(port) + 1}`;
const notOurs = (port, { code }) =>
  `Port ${port} may not be used by you (${code}). Choose one above 1023: npm start -- --port 4720`;

/** Starts the web and API process; resolves with its address once it listens. `folder`: the data that it is on, where it outlives a test; `devices`: the port of the dial and the gauge. */
export function startServer({ databaseUrl, port, demo, quiet = false, folder = null, devices = null }) {
  const args = [YOUNG, MAIN, ...(folder === null ? [] : ['--data', folder])];
  const child = spawn(process.execPath, args, {
    cwd: root,
    env: {
      ...process.env,
      GYRUS_DATABASE_URL: databaseUrl,
      GYRUS_PORT: String(port),
      GYRUS_DEMO: demo ? '1' : '0',
      NODE_ENV: 'production',
      ...(devices !== null && { GYRUS_DEVICES: String(devices) }),
    },
    stdio: ['ignore', 'pipe', 'pipe'],
    // Its own group: Ctrl-C reaches it through us, after which it may finish what it is doing.
    detached: true,
  });
  if (folder !== null && child.pid) writeFileSync(noteIn(folder), String(child.pid));
  let complaint = '';
  child.stderr.on('data', (data) => {
    complaint = (complaint + data).slice(-4000);
    if (!quiet) process.stderr.write(data);
  });
  const address = new Promise((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (data) => {
      said += data;
      const listening = /listening (\S+)/.exec(said);
      if (listening) resolve(listening[1].replace('[::1]', 'localhost'));
    });
    child.on('error', reject);
    child.on('exit', (code) => reject(new Advice(words(code, port, complaint))));
  });
  return { child, address };
}

/** Ends the server and waits for it; forces it after a while. */
export function stopServer(child) {
  if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
  return new Promise((resolve) => {
    const force = setTimeout(() => child.kill('SIGKILL'), FORCE_AFTER);
    child.on('exit', () => {
      clearTimeout(force);
      resolve();
    });
    child.kill('SIGTERM');
  });
}

function words(code, port, complaint) {
  if (code === 3) return complaint.trim();
  if (code === 4) return taken(port);
  return `The server ended (exit ${code}).\n${complaint.trim()}`;
}
