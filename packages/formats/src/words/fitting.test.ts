import { beforeFittingWords } from './fitting.ts';

const INCHES = { unit: 'in', fraction: 16, decimals: 0 } as const;

test('each thing to do is a sentence, in the reader’s unit', () => {
  expect(
    beforeFittingWords(
      {
        stamp: 'HB',
        welded: ['a', 'b'],
        open: [],
        landings: [{ stamp: 'D1', at: 254 }],
        vent: 'b',
        first: [{ stamp: 'BG', kind: 'belt-guide' }],
      },
      INCHES,
    ),
  ).toEqual([
    'Put on while its ends are free: belt guides BG.',
    'Ends A and B: deburred inside and out, and bare to the metal 1 in back from the cut.',
    'Bare as far to both sides where others land on it, along the tube from the ear of end A: D1 at 10 in.',
    'Closed at both ends: a vent hole of 1/8 in near the throat of end B, which is welded last, where it is not seen.',
  ]);
});

test('an end that is welded to nothing is capped or left open', () => {
  expect(
    beforeFittingWords(
      { stamp: 'S', welded: ['a'], open: ['b'], landings: [], vent: null, first: [] },
      INCHES,
    ),
  ).toEqual([
    'End A: deburred inside and out, and bare to the metal 1 in back from the cut.',
    'End B is welded to nothing: cap it, or leave it open.',
  ]);
});
