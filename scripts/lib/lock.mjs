import {
  closeSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';

/** Between two looks at a lock that another process holds, and after which it is said who is waited for. ms */
const PAUSE = 100;
const QUIET = 1000;

/** When a process began, as the system counts it: a number that is given to a new process again is told from the old one. */
function beganAt(pid) {
  try {
    // Field 22 of /proc/PID/stat (proc(5)), counted behind the name in brackets.
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1).split(' ')[19];
  } catch {
    return '';
  }
}

function isRunning({ pid, began }) {
  try {
    process.kill(pid, 0);
    return beganAt(pid) === began;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

/** Who holds a lock; null where nobody does, or where what is written there is no holder. */
export function holderOf(file) {
  try {
    const { pid, began, child = null } = JSON.parse(readFileSync(file, 'utf8'));
    return Number.isInteger(pid) ? { pid, began, child } : null;
  } catch {
    return null;
  }
}

/** Ends what a holder left behind that is gone itself: its compiler must not write beside the next one. */
function endLeftover(child) {
  if (!child || !isRunning(child)) return;
  try {
    process.kill(-child.pid, 'SIGKILL');
  } catch {
    // It ended by itself meanwhile.
  }
}

/** Takes a lock, also from a process that is gone. null where a running one holds it. */
export function takeLock(file) {
  mkdirSync(path.dirname(file), { recursive: true });
  for (;;) {
    try {
      const handle = openSync(file, 'wx');
      const own = { pid: process.pid, began: beganAt(process.pid) };
      writeSync(handle, JSON.stringify(own));
      closeSync(handle);
      return {
        /** Notes a process group that works under the lock, to be ended with it. */
        note: (child) =>
          writeFileSync(
            file,
            JSON.stringify({ ...own, child: child && { pid: child, began: beganAt(child) } }),
          ),
        release: () => rmSync(file, { force: true }),
      };
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
      const holder = holderOf(file);
      if (holder && isRunning(holder)) return null;
      // Half a holder is one that is writing its name just now, or was killed at it.
      if (!holder && !isOld(file)) return null;
      removeStale(file, holder);
    }
  }
}

function isOld(file) {
  try {
    const before = readFileSync(file, 'utf8');
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, PAUSE);
    return holderOf(file) === null && readFileSync(file, 'utf8') === before;
  } catch {
    return true;
  }
}

/** Of several that find a lock without a holder, one takes it away. */
function removeStale(file, holder) {
  const aside = `${file}.${process.pid}`;
  try {
    renameSync(file, aside);
  } catch {
    return;
  }
  const found = holderOf(aside);
  rmSync(aside, { force: true });
  endLeftover((found ?? holder)?.child);
}

/** Does work under a lock; waits for whoever holds it, and says so. work: takes the lock, to note its child processes. */
export async function withLock(file, what, work) {
  const begun = Date.now();
  let said = false;
  let lock = takeLock(file);
  while (!lock) {
    if (!said && Date.now() - begun > QUIET) {
      console.error(`Waiting for process ${holderOf(file)?.pid ?? ''}, which ${what}…`);
      said = true;
    }
    await new Promise((resolve) => setTimeout(resolve, PAUSE));
    lock = takeLock(file);
  }
  try {
    return await work(lock);
  } finally {
    lock.release();
  }
}
