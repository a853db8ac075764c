import { readdirSync, readFileSync } from 'node:fs';

/** Every process of a run carries this in its environment, whatever group it went into. */
export const MARK = 'GYRUS_TEST_RUN';

/** Processes of a run that are still there, but for this one. */
function left(run) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && Number(name) !== process.pid)
    .map(Number)
    .filter((pid) => isOf(pid, run));
}

function isOf(pid, run) {
  try {
    return readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0').includes(`${MARK}=${run}`);
  } catch {
    // It is somebody else's, or ended meanwhile.
    return false;
  }
}

/** Ends what is left of a run: browsers and servers have groups of their own. */
export function endLeft(run) {
  for (const pid of left(run))
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It ended by itself.
    }
}
