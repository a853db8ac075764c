/** This tab of the browser, under a name that outlives a reload and that no other open tab has. */
let name = 'only';

const KEY = 'gyrus-tab';
const LOCK = 'gyrus-tab/';

/** This tab's name. */
export const tabName = (): string => name;

/**
 * Takes a name for this tab, once, before anything is kept under it. A tab that was doubled by the browser brings its twin's name along
 * and is given one of its own. The name is held by a lock of the browser's, so that others can tell open tabs from closed ones.
 */
export async function claimTab(): Promise<void> {
  if (!('locks' in navigator)) return;
  const before = sessionStorage.getItem(KEY);
  name = before !== null && (await hold(before)) ? before : await holdNew();
  sessionStorage.setItem(KEY, name);
}

/** The names of all tabs that are open now, this one among them. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set([name]);
  const { held = [] } = await navigator.locks.query();
  return new Set(held.flatMap((lock) => (lock.name?.startsWith(LOCK) ? [lock.name.slice(LOCK.length)] : [])));
}

async function holdNew(): Promise<string> {
  const fresh = crypto.randomUUID();
  await hold(fresh);
  return fresh;
}

/** Holds a lock until the tab is closed; false where another tab has it. */
const hold = (candidate: string): Promise<boolean> =>
  new Promise((resolve) => {
    void navigator.locks.request(LOCK + candidate, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise(() => undefined);
    });
  });
