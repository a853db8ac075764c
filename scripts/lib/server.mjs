import { spawn } from 'node:child_process';
import path from 'node:path';
import { Advice, root } from './project.mjs';

/** Starts the web and API process; resolves with its address once it listens. */
export function startServer({ databaseUrl, port, demo, quiet = false }) {
  const child = spawn(process.execPath, [path.join(root, 'apps/server/dist/main.js')], {
    cwd: root,
    env: {
      ...process.env,
      GYRUS_DATABASE_URL: databaseUrl,
      GYRUS_PORT: String(port),
      GYRUS_DEMO: demo ? '1' : '0',
      NODE_ENV: 'production',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
    // Its own group: Ctrl-C reaches it through us, after which it may finish what it is doing.
    detached: true,
  });
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
    const force = setTimeout(() => child.kill('SIGKILL'), 8000);
    child.on('exit', () => {
      clearTimeout(force);
      resolve();
    });
    child.kill('SIGTERM');
  });
}

function words(code, port, complaint) {
  if (code === 3) return complaint.trim();
  if (code === 4) return `Port ${port} is in use. Choose another: npm start -- --port ${Number(port) + 1}`;
  return `The server ended (exit ${code}).\n${complaint.trim()}`;
}
