import { randomUUID } from 'node:crypto';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import http from 'node:http';
import os from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { Cluster } from '../scripts/lib/postgres.mjs';
import { startServer, stopServer } from '../scripts/lib/server.mjs';
import { demoJobs, demoPlan } from '../packages/demo/dist/index.js';

/** What design.md asks of a save's CPU and of the slowest answers. ms */
const SAVE_CPU = 8;
const SLOWEST_SAVE = 50;
const SLOWEST_LIST = 250;

const PACKS = 10;
const PEOPLE = 50;
const EVERY = 2000;
const ROUNDS = 6;
const AT_ONCE = 10;
/** Clock ticks a second of /proc/PID/stat (proc(5)); 100 on every Linux that Debian builds. */
const TICKS = 100;

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const percentile = (values, share) => [...values].sort((a, b) => a - b)[Math.ceil(values.length * share) - 1];

/** A real server on a real cluster that forces what it acknowledges to the disk. */
export async function serverRows() {
  const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-bench-'));
  chmodSync(scratch, 0o711);
  const cluster = new Cluster(path.join(scratch, 'cluster'));
  let server;
  try {
    const databaseUrl = await cluster.start();
    server = startServer({ databaseUrl, port: 0, demo: true, quiet: true });
    const client = clientOf(await server.address);
    return [
      await listRow(client),
      await cpuRow(client, server.child.pid),
      await peopleRow(client),
      await besideInsertRow(client, databaseUrl),
    ];
  } finally {
    if (server) await stopServer(server.child);
    cluster.stop();
    rmSync(scratch, { recursive: true, force: true });
  }
}

/** The longest wait for the list of jobs while ten packs of copes are printed. */
async function listRow({ get }) {
  const job = demoJobs.find(({ plan }) => plan === demoPlan).id;
  let printing = PACKS;
  const packs = Array.from({ length: PACKS }, () =>
    get(`/api/jobs/${job}/revisions/1/copes.pdf?unit=mm&what=pack`).then(() => (printing -= 1)),
  );
  const waits = [];
  while (printing > 0) {
    waits.push((await get('/api/jobs')).took);
    await sleep(40);
  }
  await Promise.all(packs);
  const p99 = percentile(waits, 0.99);
  return rowOf(
    `GET /api/jobs while ${PACKS} packs are printed, p99 of ${waits.length}`,
    `${p99.toFixed(1)} ms`,
    p99 / SLOWEST_LIST,
    `of ${SLOWEST_LIST} ms`,
  );
}

/** What a save of the demo plan costs the server's process. */
async function cpuRow(client, pid) {
  const save = await saverOf(client);
  for (let i = 0; i < 50; i += 1) await save();
  const before = cpuOf(pid);
  const SAVES = 300;
  for (let i = 0; i < SAVES; i += 1) await save();
  const each = (cpuOf(pid) - before) / SAVES;
  return rowOf(
    'CPU of the server for a save of the demo plan',
    `${each.toFixed(2)} ms`,
    each / SAVE_CPU,
    `of ${SAVE_CPU} ms`,
  );
}

/** Fifty people who each save every two seconds, not all at once. */
async function peopleRow(client) {
  const waits = [];
  const people = await Promise.all(Array.from({ length: PEOPLE }, () => saverOf(client)));
  await Promise.all(
    people.map(async (save, i) => {
      await sleep((i * EVERY) / PEOPLE);
      for (let round = 0; round < ROUNDS; round += 1) {
        const begun = performance.now();
        waits.push(await save());
        await sleep(Math.max(0, EVERY - (performance.now() - begun)));
      }
    }),
  );
  const p99 = percentile(waits, 0.99);
  return rowOf(
    `a save while ${PEOPLE} people each save every ${EVERY / 1000} s, p99 of ${waits.length}`,
    `${p99.toFixed(1)} ms`,
    p99 / SLOWEST_SAVE,
    `of ${SLOWEST_SAVE} ms`,
  );
}

/** Saves a second with ten at once, set against bare inserts of the same plan over as many connections: by turns, in one run. */
async function besideInsertRow(client, databaseUrl) {
  const savers = await Promise.all(Array.from({ length: AT_ONCE }, () => saverOf(client)));
  const inserters = await insertersOn(databaseUrl);
  const rates = { saves: [], inserts: [] };
  for (let turn = 0; turn < 5; turn += 1) {
    rates.inserts.push(await rateOf(inserters.work));
    rates.saves.push(await rateOf(savers));
  }
  await inserters.end();
  const [saves, inserts] = [percentile(rates.saves, 0.5), percentile(rates.inserts, 0.5)];
  return rowOf(
    `saves a second, ${AT_ONCE} at once`,
    `${saves.toFixed(0)} /s`,
    saves / inserts,
    `of bare INSERT … RETURNING, ${inserts.toFixed(0)} /s`,
  );
}

async function insertersOn(databaseUrl) {
  const clients = await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      const one = new pg.Client({ connectionString: databaseUrl });
      await one.connect();
      return one;
    }),
  );
  await clients[0].query('CREATE TABLE bare (id uuid PRIMARY KEY, number integer, plan jsonb NOT NULL)');
  const insert = 'INSERT INTO bare (id, number, plan) VALUES ($1, 1, $2) RETURNING number';
  return {
    work: clients.map((one) => () => one.query(insert, [randomUUID(), JSON.stringify(demoPlan)])),
    end: () => Promise.all(clients.map((one) => one.end())),
  };
}

/** How often a second several workers, each with one thing in hand, are done with one. */
async function rateOf(workers, forMs = 2000) {
  const until = performance.now() + forMs;
  let done = 0;
  const begun = performance.now();
  await Promise.all(
    workers.map(async (work) => {
      while (performance.now() < until) {
        await work();
        done += 1;
      }
    }),
  );
  return (done * 1000) / (performance.now() - begun);
}

/** A person with a job of their own: each call saves its plan once more and gives how long that took, ms. */
async function saverOf({ post }) {
  const job = (await post('/api/jobs', { name: 'Bench', car: '', length: 'mm' })).body;
  let parent = job.head.id;
  let count = 0;
  return async () => {
    const id = randomUUID();
    const plan = { ...demoPlan, brief: { ...demoPlan.brief, notes: `save ${(count += 1)}` } };
    const save = { id, parent, branch: 'main', author: '', note: '', plan };
    const { took, status } = await post(`/api/jobs/${job.id}/revisions`, save);
    if (status !== 201) throw new Error(`a save was answered with ${status}`);
    parent = id;
    return took;
  };
}

/** User and system time of a process, ms. */
function cpuOf(pid) {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1).split(' ');
  return ((Number(fields[11]) + Number(fields[12])) * 1000) / TICKS;
}

function clientOf(address) {
  const agent = new http.Agent({ keepAlive: true, maxSockets: 200 });
  const send = (method, where, body) =>
    new Promise((resolve, reject) => {
      const begun = performance.now();
      const sent = http.request(
        address + where,
        { method, agent, headers: body ? { 'Content-Type': 'application/json' } : {} },
        (response) => {
          const parts = [];
          response.on('data', (part) => parts.push(part));
          response.on('end', () => {
            const took = performance.now() - begun;
            const json = response.headers['content-type']?.includes('json');
            const text = Buffer.concat(parts);
            resolve({ took, status: response.statusCode, body: json ? JSON.parse(text) : null });
          });
        },
      );
      sent.on('error', reject);
      sent.end(body ? JSON.stringify(body) : undefined);
    });
  return { get: (where) => send('GET', where), post: (where, body) => send('POST', where, body) };
}

const rowOf = (row, value, ratio, of) => ({ row, value, ratio, of });
