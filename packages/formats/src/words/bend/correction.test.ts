import { type Correction, INCHES, MILLIMETRES } from '@gyrus/core';
import { correctionWords } from './correction.ts';

const SAID = { zeroed: true, slipped: false, read: true };
const short: Correction = {
  verdict: 'short',
  off: -2,
  pull: { more: 2.1, dial: { to: 91, next: 92, off: { to: -0.1, next: 0.85 } } },
  points: [0, 0, 25.4, 50.8],
  apart: 38.1,
  end: { along: 3, aside: 50, trimTakes: true },
  takings: [],
};
const words = (changes: Partial<Correction>, said: Partial<typeof SAID> = {}, style = INCHES) =>
  correctionWords({ ...short, ...changes }, { ...SAID, ...said }, style);

test('a bend that is short says what to pull to, and what it is if it is left', () => {
  const { status, sentences } = words({});
  expect(status).toBe('look');
  expect(sentences).toEqual([
    '2° short. Pull to 91°, and measure again: that leaves it 0.1° short, 92° would be too far.',
    'Left as it is, end B is off by 2 in, and the ends stand 1 1/2 in farther apart.',
  ]);
  expect(
    words({ pull: { more: 2.1, dial: { to: 91, next: null, off: { to: 0, next: null } } } }).sentences[0],
  ).toBe('2° short. Pull to 91°, and measure again.');
});

test('a reading that is worth nothing is told, and no reading is made of it', () => {
  const { sentences } = words({ pull: { more: 2.1, dial: null } }, { zeroed: false, slipped: true });
  expect(sentences[0]).toBe('2° short. Pull 2.1° farther than the last pull, and measure again.');
  expect(sentences.slice(2)).toEqual([
    'The reading says nothing, as the dial was not zeroed under preload and the tube slipped in the clamp: keep this bend out of the test bends.',
    'A tube that slipped has its bend elsewhere, too: measure its place.',
  ]);
  expect(words({}, { read: false }).sentences.at(-1)).toBe(
    'Write the reading down, and the next pull can be told by the dial.',
  );
});

test('a bend that is over is never passed in silence: what it does, what trim takes, what the others could', () => {
  const over = { verdict: 'over' as const, off: 1.5, pull: null, apart: -12.7 };
  const { status, sentences } = words(
    { ...over, takings: [{ bend: 2, angle: 84.2, far: 6.35 }] },
    {},
    MILLIMETRES,
  );
  expect(status).toBe('out');
  expect(sentences.slice(0, 4)).toEqual([
    '1.5° over: a bend is never opened in the die.',
    'Left as it is, end B is off by 51 mm, and the ends stand 13 mm nearer.',
    'At end B 3 mm of it is tube to cut off; 50 mm lies aside, which no trim takes.',
    'Bend 2 made 84.2° instead leaves end B off by 6 mm.',
  ]);
  expect(words(over).sentences).toContain('No bend is left to make that could take it.');
  const end = (along: number, trimTakes: boolean) =>
    words({ ...over, end: { along, aside: 0, trimTakes } }, {}, MILLIMETRES).sentences[2];
  expect([end(-5, true), end(-50, false)]).toEqual([
    'At end B 5 mm of it the trim makes up; 0 mm lies aside, which no trim takes.',
    'At end B 50 mm of it is more than the trim makes up; 0 mm lies aside, which no trim takes.',
  ]);
});

test('a bend that is right is clear, unless its place or its turn moved the part', () => {
  const right = { verdict: 'right' as const, off: 0.2, pull: null };
  expect(words({ ...right, points: [0, 0, 0, 0.5] })).toEqual({
    status: 'clear',
    sentences: ['Right within the protractor: 0.2° over.'],
  });
  expect(words({ ...right, off: 0, points: [0, 5, 5, 5] })).toMatchObject({ status: 'look' });
});
