// npm start: everything from a fresh clone to the address of the page. Ctrl-C stops all that it started.
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { Advice, buildAll, installPackages, root } from './lib/project.mjs';

const HELP = `npm start -- [--port N] [--data FOLDER] [--empty]
  --port N       the port of the page, 4720 if not given
  --data FOLDER  where the data is kept, .gyrus in the project if not given
  --empty        without the demo shop and job`;

function options() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string', default: '4720' },
        data: { type: 'string', default: path.join(root, '.gyrus') },
        empty: { type: 'boolean', default: false },
        help: { type: 'boolean', default: false },
      },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 1 || port > 65535)
      throw new Error(`--port takes a number from 1 to 65535, not "${values.port}"`);
    return { ...values, port, data: path.resolve(values.data) };
  } catch (error) {
    throw new Advice(`${error.message}\n${HELP}`);
  }
}

/** Keeps a second start off the same data; a lock of a process that is gone is taken over. */
function lockData(folder) {
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, 'running.pid');
  const pid = existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
  if (pid && pid !== process.pid && isOurs(pid))
    throw new Advice(
      `Gyrus is already running on ${folder} (process ${pid}). Use that one, stop it, or choose other data with --data FOLDER.`,
    );
  writeFileSync(file, String(process.pid));
  return () => rmSync(file, { force: true });
}

function isOurs(pid) {
  try {
    process.kill(pid, 0);
    const command = `/proc/${pid}/cmdline`;
    return !existsSync(command) || readFileSync(command, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}

let unlock = () => {};
let cluster;
let server;
let stopping = false;

async function stopAll(code) {
  if (stopping) return;
  stopping = true;
  const { stopServer } = await import('./lib/server.mjs');
  if (server) await stopServer(server.child);
  cluster?.stop();
  unlock();
  process.exit(code);
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stopAll(0));

try {
  const { port, data, empty, help } = options();
  if (help) {
    console.log(HELP);
    process.exit(0);
  }
  unlock = lockData(data);
  await installPackages();
  await buildAll();
  const { Cluster } = await import('./lib/postgres.mjs');
  const { startServer } = await import('./lib/server.mjs');
  cluster = new Cluster(data);
  const databaseUrl = await cluster.start();
  server = startServer({ databaseUrl, port, demo: !empty });
  const address = await server.address;
  server.child.on('exit', (code) => {
    if (stopping) return;
    console.error(`The server ended (exit ${code}). Start again with npm start.`);
    void stopAll(1);
  });
  console.log(`\nGyrus is at ${address}\nThe data is in ${cluster.folder}. Ctrl-C stops it.`);
} catch (error) {
  console.error(error instanceof Advice ? `\n${error.message}` : error);
  await stopAll(1);
}
