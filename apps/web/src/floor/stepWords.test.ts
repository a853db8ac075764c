import { stepWords } from './stepWords.ts';

test.each([
  ['mark', 1, false, 'tube cut and marked'],
  ['2/release', 1, false, 'bend 2 released and measured'],
  ['2/pull', 3, false, 'bend 2 pulled, time 3'],
  ['2/now', 1, true, 'bend 2 to be pulled farther'],
])('%s, %i', (step, time, again, words) => expect(stepWords({ step, time, again })).toBe(words));
