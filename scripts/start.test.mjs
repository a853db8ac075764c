import { spawn, spawnSync } from 'node:child_process';
import {
  chmodSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { root } from './lib/project.mjs';

/** npm start, as a person at a terminal has it: its address, its messages, and that nothing is left running. */
const START = path.join(root, 'scripts/start.mjs');
const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-start-'));
// As root the server runs as the user postgres, who must be able to enter it.
chmodSync(scratch, 0o711);
const data = path.join(scratch, 'data');
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

/** Anything that is started like the program: its address, once it says it, and everything it said, once it ends. */
function started(command, args) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const heard = { said: '' };
  const listen = (data) => (heard.said += data);
  child.stdout.on('data', listen);
  child.stderr.on('data', listen);
  const ended = new Promise((resolve) => child.on('close', (code) => resolve({ code, said: heard.said })));
  const says = (pattern) =>
    new Promise((resolve, reject) => {
      const look = () => {
        const found = pattern.exec(heard.said);
        if (found) resolve(found[1] ?? found[0]);
      };
      look();
      child.stdout.on('data', look);
      child.stderr.on('data', look);
      void ended.then(({ said }) => reject(new Error(said)));
    });
  const address = says(/Gyrus is at (\S+)/);
  address.catch(() => undefined);
  return { child, ended, address, says };
}

const start = (...options) => started(process.execPath, [START, ...options]);

const freePort = () =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
const jobs = async (address) => (await fetch(`${address}/api/jobs`)).json();

test('starts empty, keeps what is entered over a restart, and Ctrl-C leaves nothing running', async () => {
  const port = String(await freePort());
  const first = start('--port', port, '--data', data, '--empty');
  const address = await first.address;
  expect(await jobs(address)).toEqual([]);
  expect((await fetch(address)).headers.get('content-type')).toContain('text/html');
  await fetch(`${address}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name: 'Kept', car: '', length: 'in' }),
  });

  const second = await start('--port', String(await freePort()), '--data', data).ended;
  expect(second.code).not.toBe(0);
  expect(second.said).toMatch(/already running on/);

  first.child.kill('SIGINT');
  expect((await first.ended).code).toBe(0);
  await expect(jobs(address)).rejects.toThrow();

  const third = start('--port', port, '--data', data, '--empty');
  expect((await jobs(await third.address)).map((job) => job.name)).toEqual(['Kept']);
  third.child.kill('SIGTERM');
  await third.ended;
});

test('a port in use is told with another to try, and nothing is left running', async () => {
  const taken = createServer();
  const port = await new Promise((resolve) =>
    taken.listen(0, '127.0.0.1', () => resolve(taken.address().port)),
  );
  const untouched = path.join(scratch, 'untouched');
  const { code, said } = await start('--port', String(port), '--data', untouched, '--empty').ended;
  taken.close();
  expect(code).not.toBe(0);
  expect(said.trim()).toBe(`Port ${port} is in use. Choose another: npm start -- --port ${port + 1}`);
  expect(existsSync(path.join(scratch, 'untouched/postgres'))).toBe(false);
});

/** Processes whose command names a folder: what the program started on it. */
const runningOn = (folder) =>
  spawnSync('pgrep', ['-f', folder], { encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
const addJob = async (address, name) =>
  fetch(`${address}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name, car: '', length: 'in' }),
  });
const names = async (address) => (await jobs(address)).map((job) => job.name).sort();

describe('whatever is killed, the next start is up with everything that was acknowledged', () => {
  const folder = path.join(scratch, 'killed');
  const options = async () => ['--port', String(await freePort()), '--data', folder, '--empty'];
  const kept = [];
  const keep = async (address, name) => {
    expect((await addJob(address, name)).status).toBe(201);
    kept.push(name);
  };

  test.each(['SIGTERM', 'SIGINT'])('%s to npm leaves nothing behind', async (signal) => {
    const npm = started('npm', ['start', '--', ...(await options())]);
    await keep(await npm.address, `npm, ${signal}`);
    npm.child.kill(signal);
    await npm.ended;
    expect(runningOn(folder)).toEqual([]);
  });

  test('a starter that was killed: its server is found and replaced, on the same port', async () => {
    const same = await options();
    const first = start(...same);
    await keep(await first.address, 'starter');
    first.child.kill('SIGKILL');
    await first.ended;
    const server = readFileSync(path.join(folder, 'server.pid'), 'utf8');
    expect(existsSync(`/proc/${server}`)).toBe(true);
    const second = start(...same);
    expect(await names(await second.address)).toEqual([...kept].sort());
    expect(readFileSync(path.join(folder, 'server.pid'), 'utf8')).not.toBe(server);
    second.child.kill('SIGTERM');
    await second.ended;
    expect(runningOn(folder)).toEqual([]);
  });

  test('a server that was killed: the starter says so and stops all', async () => {
    const first = start(...(await options()));
    await keep(await first.address, 'server');
    process.kill(Number(readFileSync(path.join(folder, 'server.pid'), 'utf8')), 'SIGKILL');
    const { code, said } = await first.ended;
    expect(code).not.toBe(0);
    expect(said).toContain('Start again with npm start.');
    const second = start(...(await options()));
    expect(await names(await second.address)).toEqual([...kept].sort());
    second.child.kill('SIGTERM');
    await second.ended;
  });

  test('a database that was killed is started again under the server; requests meanwhile say so plainly', async () => {
    const first = start(...(await options()));
    const address = await first.address;
    await keep(address, 'database');
    const pid = () => readFileSync(path.join(folder, 'postgres/postmaster.pid'), 'utf8').split('\n')[0];
    const before = pid();
    process.kill(Number(before), 'SIGKILL');
    const meanwhile = await fetch(`${address}/api/jobs`);
    if (meanwhile.status !== 200) {
      expect(meanwhile.status).toBe(503);
      expect((await meanwhile.json()).error.message).toMatch(
        /database does not answer and is being started again/,
      );
    }
    await first.says(/The database is back\./);
    expect(pid()).not.toBe(before);
    expect(await names(address)).toEqual([...kept].sort());
    await keep(address, 'after the database');
    first.child.kill('SIGTERM');
    await first.ended;
    expect(runningOn(folder)).toEqual([]);
  });

  test('a start that was killed while it made the database leaves half a one, which is none', async () => {
    const fresh = path.join(scratch, 'half');
    const first = start('--port', String(await freePort()), '--data', fresh, '--empty');
    const halves = () =>
      (existsSync(fresh) ? readdirSync(fresh) : []).filter((name) => name.includes('half'));
    while (halves().length === 0) await new Promise((resolve) => setTimeout(resolve, 5));
    first.child.kill('SIGKILL');
    await first.ended;
    const second = start('--port', String(await freePort()), '--data', fresh, '--empty');
    expect(await jobs(await second.address)).toEqual([]);
    expect(halves()).toEqual([]);
    second.child.kill('SIGTERM');
    await second.ended;
  });
});

test('a folder that cannot be written to is told in one sentence, and nothing is made', async () => {
  const file = path.join(scratch, 'a file');
  writeFileSync(file, '');
  for (const folder of [path.join(file, 'data'), '/proc/gyrus']) {
    const { code, said } = await start('--port', String(await freePort()), '--data', folder).ended;
    expect(code).not.toBe(0);
    expect(said.trim()).toMatch(
      /^The data cannot be kept in .+ \(.+\)\. Choose a folder that you can write to: npm start -- --data FOLDER$/,
    );
  }
});

test('checksums guard the pages of a new database', async () => {
  const control = spawnSync(
    'sh',
    ['-c', `/usr/lib/postgresql/*/bin/pg_controldata ${path.join(data, 'postgres')}`],
    {
      encoding: 'utf8',
    },
  ).stdout;
  expect(control).toMatch(/Data page checksum version:\s+1/);
});

test('a damaged cluster is told with what to do', async () => {
  const control = path.join(data, 'postgres/global/pg_control');
  const sound = readFileSync(control);
  writeFileSync(control, Buffer.alloc(sound.length));
  const { code, said } = await start('--port', String(await freePort()), '--data', data, '--empty').ended;
  writeFileSync(control, sound);
  expect(code).not.toBe(0);
  expect(said).toMatch(/does not start; it may be damaged[\s\S]*--data FOLDER/);
});

test.each([
  [['--port', 'wide'], /--port takes a number from 1 to 65535, not "wide"/],
  [['--colour', 'red'], /--colour[\s\S]*--data FOLDER/],
])('%j is told, with what there is', async (options, message) => {
  const { code, said } = await start(...options).ended;
  expect(code).not.toBe(0);
  expect(said).toMatch(message);
});
