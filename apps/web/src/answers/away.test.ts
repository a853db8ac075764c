import { EMPTY_SHOP } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { jest } from '@jest/globals';

/** What the workers of the page answer: by turns, the first one first. */
let answers: (() => Promise<unknown>)[] = [];
/** What they were sent, and told to drop. */
let taken: string[] = [];
let dropped: number[] = [];
const never = () => new Promise<unknown>(() => undefined);

jest.unstable_mockModule('comlink', () => ({
  wrap: () => ({
    take: (kind: string) => void taken.push(kind),
    drop: (question: number) => void dropped.push(question),
    ask: () => (answers.shift() ?? never)(),
  }),
}));

class FakeWorker {
  static started: FakeWorker[] = [];
  onerror: () => void = () => undefined;
  ended = false;
  constructor() {
    FakeWorker.started.push(this);
  }
  terminate(): void {
    this.ended = true;
  }
}
Object.assign(globalThis, { Worker: FakeWorker });

const { answerAway } = await import('./away.ts');
const given = { plan: demoPlan, shop: EMPTY_SHOP, books: [] };
const ask = (signal?: AbortSignal) => answerAway('evaluation', given, signal);
const answer = (what: string) => () => Promise.resolve({ answer: what });
const running = () => FakeWorker.started.at(-1);

afterEach(() => {
  jest.useRealTimers();
  answers = [];
  taken = [];
  dropped = [];
});

test('one worker answers one question after the other', async () => {
  answers = [answer('first'), answer('second')];
  expect([await ask(), await ask()]).toEqual(['first', 'second']);
  expect(FakeWorker.started).toHaveLength(1);
});

test('a question that it fails at is answered with why, and it works on', async () => {
  const before = FakeWorker.started.length;
  answers = [() => Promise.resolve({ failed: 'no tube' }), answer('next')];
  await expect(ask()).rejects.toThrow('no tube');
  expect(await ask()).toBe('next');
  expect(FakeWorker.started).toHaveLength(before);
});

test('a worker that ends in the middle leaves no question without an answer, and the next is asked of a new one', async () => {
  const asked = ask();
  const ended = running();
  ended?.onerror();
  await expect(asked).rejects.toThrow('the part of the program that works things out has ended');
  answers = [answer('anew')];
  expect(await ask()).toBe('anew');
  expect(running()).not.toBe(ended);
});

test('work that comes to no end is given up after a minute, and its worker is ended', async () => {
  jest.useFakeTimers();
  const asked = ask();
  const endless = running();
  const failed = expect(asked).rejects.toThrow('it took longer than 60 s: look for a figure that no car has');
  await jest.advanceTimersByTimeAsync(60_000);
  await failed;
  expect(endless?.ended).toBe(true);
  jest.useRealTimers();
  answers = [answer('anew')];
  expect(await ask()).toBe('anew');
});

test('a plan, the shop and the books are sent once, and again when the worker has let them go', async () => {
  answers = [answer('first'), answer('second')];
  await ask();
  const before = taken.length;
  await ask();
  expect(taken.length).toBe(before);
  answers = [() => Promise.resolve('missing'), answer('third')];
  expect(await ask()).toBe('third');
  expect(taken.slice(before)).toEqual(['plan', 'shop', 'books']);
});

test('a question that nobody waits for any more is told to the worker', async () => {
  const given = new AbortController();
  answers = [() => Promise.resolve('dropped')];
  const asked = ask(given.signal);
  given.abort();
  await expect(asked).rejects.toThrow('no answer');
  expect(dropped).toHaveLength(1);
});
