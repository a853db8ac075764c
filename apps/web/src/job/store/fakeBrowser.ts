/** For tests: the browser's stores and locks, as far as drafts use them. */
export class FakeBrowser {
  /** What localStorage holds. */
  readonly kept = new Map<string, string>();
  readonly session = new Map<string, string>();
  /** What is left of the quota, in characters of one value. */
  room = Infinity;
  /** Locks of the tabs that are open. */
  held = new Set<string>();

  /** Puts these in the place of the browser's own. */
  install(): this {
    // A channel of Node.js would keep the test's process alive.
    Object.assign(globalThis, {
      localStorage: this.storage(),
      sessionStorage: {
        getItem: (key: string) => this.session.get(key) ?? null,
        setItem: (key: string, value: string) => void this.session.set(key, value),
      },
      BroadcastChannel: undefined,
    });
    Object.defineProperty(globalThis, 'navigator', { value: { locks: this.locks() }, configurable: true });
    return this;
  }

  private storage() {
    const { kept } = this;
    return {
      get length() {
        return kept.size;
      },
      key: (i: number) => [...kept.keys()][i] ?? null,
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => {
        if (value.length > this.room) throw new DOMException('full', 'QuotaExceededError');
        kept.set(key, value);
      },
      removeItem: (key: string) => void kept.delete(key),
    };
  }

  private locks() {
    return {
      query: () => Promise.resolve({ held: [...this.held].map((name) => ({ name })) }),
      request: (name: string, _: unknown, work: (lock: object | null) => unknown) => {
        work(this.held.has(name) ? null : {});
        this.held.add(name);
        return new Promise(() => undefined);
      },
    };
  }
}
