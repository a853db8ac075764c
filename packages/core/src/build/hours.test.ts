import { sizeOf, STEP_KINDS, timeLeft, timeOf } from './hours.ts';
import { turnedFlat } from './welding/index.ts';
import { type BuildStep, type StepWork } from './steps/step.ts';

const step = (work: StepWork, ...ticks: string[]): BuildStep => ({
  ticks,
  where: 'bench',
  work,
  standing: [],
});
const plates = step({ kind: 'plates', plates: ['P1', 'P2', 'P3'] }, 'plate:1', 'plate:2', 'plate:3');
const brace = step({ kind: 'brace', stamp: 'MH', apart: 1400, between: 1355 }, 'brace');
const seam = {
  ...{ piece: 'p', stamp: 'D1', headers: ['MH'], whole: true, coveredBy: null, hiddenBy: null },
  ...{ wall: 2.4, positions: turnedFlat(180) },
};
const weld = step({
  kind: 'weld',
  seams: [
    { ...seam, tick: 'weld:p:a', end: 'a', length: 180, lost: 0, keptFor: null, at: [] },
    { ...seam, tick: 'weld:p:b', end: 'b', length: 120, lost: 0, keptFor: null, at: [] },
  ],
});

test('a step is as large as what is done in it: plates, hundreds of millimetres of seam, or once', () => {
  expect([plates, brace, weld].map(sizeOf)).toEqual([3, 1, 3]);
  const vents = { piece: 'p', stamp: 'D1', bare: [] };
  expect(
    sizeOf(
      step({
        kind: 'vents',
        vents: [
          { ...vents, hole: true },
          { ...vents, hole: false },
        ],
      }),
    ),
  ).toBe(1);
});

test('the shop’s own minutes count before a guess, and a guess is told as one', () => {
  const guess = timeOf(plates, []);
  expect(guess.guessed).toBe(true);
  expect(guess.minutes).toBeGreaterThan(0);
  const kept = [{ kind: 'plates' as const, minutes: 80, size: 4, steps: 2 }];
  expect(timeOf(plates, kept)).toEqual({ minutes: 60, guessed: false });
  // Nothing of it was done: no rate follows from that.
  expect(timeOf(plates, [{ kind: 'plates', minutes: 5, size: 0, steps: 1 }])).toEqual(guess);
});

test('what is done takes no more time; what is left says how much of it is a guess', () => {
  const kept = [{ kind: 'plates' as const, minutes: 80, size: 4, steps: 2 }];
  const { minutes: bracing } = timeOf(brace, []);
  expect(timeLeft([plates, brace], () => false, kept)).toEqual({ minutes: 60 + bracing, guessed: bracing });
  expect(timeLeft([plates, brace], (one) => one === brace, kept)).toEqual({ minutes: 60, guessed: 0 });
});

test('every kind of step has its guess', () => {
  expect(STEP_KINDS).toContain('weld');
  expect(new Set(STEP_KINDS).size).toBe(STEP_KINDS.length);
});
