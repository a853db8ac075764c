import { evaluate, hoopAnswerOf, INCHES, MILLIMETRES, type SheetBend } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { afterWords, hindranceWords, metWords, turnName } from './bender.ts';
import { dialLine, dialWords, dieWords, zeroWords } from './dial.ts';

const sheet = hoopAnswerOf(evaluate(demoPlan, demoShop, demoBooks))?.sheet;
const crown = sheet?.bends[1];
if (!sheet || !crown) throw new Error('the demo has a hoop');

test('why a pull cannot be made, in the unit of the job', () => {
  const floor = { kind: 'meets', met: { what: 'floor' }, touches: 41, gap: -25.4 } as const;
  expect(hindranceWords(floor, INCHES)).toBe('the tube meets the floor at 41°, and would go 1 in into it');
  expect(hindranceWords({ ...floor, touches: 0 }, MILLIMETRES)).toBe(
    'the tube meets the floor before the pull, and would go 25 mm into it',
  );
  expect(hindranceWords({ kind: 'straight', where: 'behind', measured: 50, limit: 76.2 }, MILLIMETRES)).toBe(
    '50 mm of straight is left for the pressure die, which needs 76.2 mm',
  );
});

test('what is met has the name that it was given', () => {
  expect(metWords({ what: 'wall', wall: 'left' })).toBe('the wall at the left');
  expect(metWords({ what: 'wall', wall: 'ahead' })).toBe('the wall ahead');
  expect(metWords({ what: 'frame', name: 'the vice' })).toBe('the vice');
  expect(metWords({ what: 'itself' })).toBe('itself');
});

test('a pull by its bend and clamp, and what is bent by then', () => {
  expect(turnName({ bend: 3, clamp: 'a' })).toBe('bend 3, clamp toward A');
  expect([afterWords([]), afterWords([2]), afterWords([1, 2]), afterWords([1, 2, 4])]).toEqual([
    'first',
    'after bend 2',
    'after bends 1 and 2',
    'after bends 1, 2, and 4',
  ]);
});

test('between two steps of the dial both are told, each with what it does to the ends', () => {
  const words = dialWords(sheet, crown, INCHES) ?? '';
  expect(words).toMatch(
    /^Between two steps of the dial: 79° is 0\.3° short \(far end off by .+, ends .+ farther apart\); 79\.5° is 0\.2° over \(.+ nearer\)$/,
  );
  const exact: SheetBend = { ...crown, dial: { to: 79, next: null, off: { to: 0, next: null } } };
  expect(dialWords(sheet, exact, INCHES)).toBeNull();
  expect(dialLine(sheet, INCHES)).toMatch(
    /^Pulled to the lower step of the dial they lack: bend 1 0\.2° \(far end off by 1\/8 in\), bend 2 0\.3° /,
  );
  expect(dialLine({ ...sheet, bends: [exact] }, INCHES)).toBeNull();
});

test('a dial that does not stand at nothing says so, and a die what it takes', () => {
  expect(zeroWords(crown)).toBeNull();
  const off = { die: { ...crown.die, dialZero: { deg: 3, typed: '3' } } };
  expect(zeroWords(off)).toBe('The dial reads 3° before the pull');
  expect(dieWords(crown.die)).toBe('1 3/4 in tube, radius 6 in');
});
