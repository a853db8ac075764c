import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { holderOf, takeLock, withLock } from './lib/lock.mjs';

const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-lock-'));
afterAll(() => rmSync(scratch, { recursive: true, force: true }));
let count = 0;
const newFile = () => path.join(scratch, `deep/${(count += 1)}.lock`);
const isThere = (pid) =>
  existsSync(`/proc/${pid}`) && !readFileSync(`/proc/${pid}/stat`, 'utf8').includes(') Z ');

/** A process that takes a lock, notes a child under it, and waits. */
async function holder(file) {
  const lib = path.resolve(import.meta.dirname, 'lib/lock.mjs');
  const work = `import { takeLock } from ${JSON.stringify(lib)};
    import { spawn } from 'node:child_process';
    const child = spawn('sleep', ['300'], { detached: true, stdio: 'ignore' });
    const lock = takeLock(${JSON.stringify(file)});
    if (lock) lock.note(child.pid);
    console.log(lock ? child.pid : 'none');
    setInterval(() => {}, 1000);`;
  const process_ = spawn(process.execPath, ['--input-type=module', '-e', work], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const said = await new Promise((resolve) =>
    process_.stdout.once('data', (data) => resolve(String(data).trim())),
  );
  return { process: process_, child: Number(said) };
}

const killed = (one) =>
  new Promise((resolve) => {
    one.process.on('close', resolve);
    one.process.kill('SIGKILL');
  });

test('a lock is held by one, and free when it is given back', () => {
  const file = newFile();
  const lock = takeLock(file);
  expect(holderOf(file)?.pid).toBe(process.pid);
  expect(takeLock(file)).toBeNull();
  lock.release();
  takeLock(file).release();
});

test('a lock of a process that was killed is taken over at once, and what it left working is ended', async () => {
  const file = newFile();
  const one = await holder(file);
  expect(takeLock(file)).toBeNull();
  await killed(one);
  expect(isThere(one.child)).toBe(true);
  const begun = Date.now();
  const lock = takeLock(file);
  expect(lock).not.toBeNull();
  expect(Date.now() - begun).toBeLessThan(2000);
  await new Promise((resolve) => setTimeout(resolve, 100));
  expect(isThere(one.child)).toBe(false);
  lock.release();
});

test('a number that was given to another process since is no holder', () => {
  const file = newFile();
  takeLock(file).release();
  writeFileSync(file, JSON.stringify({ pid: process.ppid, began: 'long before', child: null }));
  takeLock(file).release();
});

test('half a lock, of a process that was killed while it wrote it, stops nobody', () => {
  const file = newFile();
  takeLock(file).release();
  writeFileSync(file, '{"pi');
  takeLock(file).release();
});

test('of several that find it free at once, one has it; the work is done one by one', async () => {
  const file = newFile();
  let inside = 0;
  let most = 0;
  const work = async () => {
    most = Math.max(most, (inside += 1));
    await new Promise((resolve) => setTimeout(resolve, 10));
    inside -= 1;
  };
  await Promise.all(Array.from({ length: 5 }, () => withLock(file, 'works', work)));
  expect(most).toBe(1);
});

test('a lock is given back when the work fails', async () => {
  const file = newFile();
  await expect(withLock(file, 'fails', () => Promise.reject(new Error('failed')))).rejects.toThrow('failed');
  takeLock(file).release();
});
