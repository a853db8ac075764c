// npm start: everything from a fresh clone to the address of the page. Ctrl-C stops all that it started.
import { accessSync, constants, existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { holderOf, takeLock } from './lib/lock.mjs';
import { Advice, buildAll, endChildren, installPackages, root } from './lib/project.mjs';
import { needPort, startServer, stopOrphan, stopServer } from './lib/server.mjs';

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

/** Level by level: the recursive way of Node.js never comes back from a system folder that takes no folder. */
function makeFolder(folder) {
  if (existsSync(folder)) return;
  makeFolder(path.dirname(folder));
  mkdirSync(folder);
}

/** Makes the folder of the data, and keeps a second start off it; a lock of a process that is gone is taken over. */
function lockData(folder) {
  let lock;
  try {
    makeFolder(folder);
    accessSync(folder, constants.W_OK);
    lock = takeLock(path.join(folder, 'running.pid'));
  } catch ({ code }) {
    throw new Advice(
      `The data cannot be kept in ${folder} (${WHY[code] ?? code}). Choose a folder that you can write to: npm start -- --data FOLDER`,
    );
  }
  if (lock) return lock.release;
  const { pid } = holderOf(path.join(folder, 'running.pid')) ?? {};
  throw new Advice(
    `Gyrus is already running on ${folder} (process ${pid}). Use that one, stop it, or choose other data with --data FOLDER.`,
  );
}

const WHY = {
  EACCES: 'it may not be written to',
  EPERM: 'it may not be written to',
  EROFS: 'it is on a disk that is read only',
  ENOSPC: 'the disk is full',
  ENOTDIR: 'a file stands in its way',
  EEXIST: 'a file stands in its way',
  ENOENT: 'it cannot be made',
};

let unlock = () => {};
let cluster;
let server;
let stopping = false;
let stopLooking = () => {};

async function stopAll(code) {
  if (stopping) return;
  stopping = true;
  endChildren();
  stopLooking();
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
  await stopOrphan(data);
  await needPort(port);
  await installPackages();
  await buildAll();
  const { Cluster } = await import('./lib/postgres.mjs');
  cluster = new Cluster(data);
  const databaseUrl = await cluster.start();
  server = startServer({ databaseUrl, port, demo: !empty, folder: data });
  const address = await server.address;
  server.child.on('exit', (code) => {
    if (stopping) return;
    console.error(`The server ended (exit ${code}). Start again with npm start.`);
    void stopAll(1);
  });
  stopLooking = cluster.keepUp(
    (words) => console.log(words),
    (error) => {
      console.error(error.message);
      void stopAll(1);
    },
  );
  console.log(`\nGyrus is at ${address}\nThe data is in ${cluster.folder}. Ctrl-C stops it.`);
} catch (error) {
  // Who stops it in the middle knows why it ends there.
  if (!stopping) console.error(error instanceof Advice ? `\n${error.message}` : error);
  await stopAll(1);
}
