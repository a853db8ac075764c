import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
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

function start(...options) {
  const child = spawn(process.execPath, [START, ...options], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  const heard = (data) => (said += data);
  child.stdout.on('data', heard);
  child.stderr.on('data', heard);
  const ended = new Promise((resolve) => child.on('close', (code) => resolve({ code, said })));
  const address = new Promise((resolve, reject) => {
    child.stdout.on('data', () => {
      const found = /Gyrus is at (\S+)/.exec(said);
      if (found) resolve(found[1]);
    });
    void ended.then(({ said: all }) => reject(new Error(all)));
  });
  address.catch(() => undefined);
  return { child, ended, address };
}

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
}, 240_000);

test('a port in use is told with another to try, and nothing is left running', async () => {
  const taken = createServer();
  const port = await new Promise((resolve) =>
    taken.listen(0, '127.0.0.1', () => resolve(taken.address().port)),
  );
  const { code, said } = await start('--port', String(port), '--data', data, '--empty').ended;
  taken.close();
  expect(code).not.toBe(0);
  expect(said).toContain(`Port ${port} is in use. Choose another: npm start -- --port ${port + 1}`);
}, 120_000);

test('a damaged cluster is told with what to do', async () => {
  const control = path.join(data, 'postgres/global/pg_control');
  const sound = readFileSync(control);
  writeFileSync(control, Buffer.alloc(sound.length));
  const { code, said } = await start('--port', String(await freePort()), '--data', data, '--empty').ended;
  writeFileSync(control, sound);
  expect(code).not.toBe(0);
  expect(said).toMatch(/does not start; it may be damaged[\s\S]*--data FOLDER/);
}, 120_000);

test.each([
  [['--port', 'wide'], /--port takes a number from 1 to 65535, not "wide"/],
  [['--colour', 'red'], /--colour[\s\S]*--data FOLDER/],
])('%j is told, with what there is', async (options, message) => {
  const { code, said } = await start(...options).ended;
  expect(code).not.toBe(0);
  expect(said).toMatch(message);
});
