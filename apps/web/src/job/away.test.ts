import { EMPTY_SHOP } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { jest } from '@jest/globals';

/** What the workers of the page answer: by turns, the first one first. */
let answers: (() => Promise<unknown>)[] = [];
const never = () => new Promise<unknown>(() => undefined);

jest.unstable_mockModule('comlink', () => ({
  wrap: () => ({ evaluate: () => (answers.shift() ?? never)() }),
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

const { evaluateAway } = await import('./away.ts');
const ask = () => evaluateAway(demoPlan, EMPTY_SHOP, []);
const running = () => FakeWorker.started.at(-1);

afterEach(() => {
  jest.useRealTimers();
  answers = [];
});

test('one worker answers one question after the other', async () => {
  answers = [() => Promise.resolve('first'), () => Promise.resolve('second')];
  expect([await ask(), await ask()]).toEqual(['first', 'second']);
  expect(FakeWorker.started).toHaveLength(1);
});

test('a question that it fails at is answered with why, and it works on', async () => {
  const before = FakeWorker.started.length;
  answers = [() => Promise.reject(new Error('no tube')), () => Promise.resolve('next')];
  await expect(ask()).rejects.toThrow('no tube');
  expect(await ask()).toBe('next');
  expect(FakeWorker.started).toHaveLength(before);
});

test('a worker that ends in the middle leaves no question without an answer, and the next is asked of a new one', async () => {
  const asked = ask();
  const ended = running();
  ended?.onerror();
  await expect(asked).rejects.toThrow('the part of the program that works things out has ended');
  answers = [() => Promise.resolve('anew')];
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
  answers = [() => Promise.resolve('anew')];
  expect(await ask()).toBe('anew');
});
