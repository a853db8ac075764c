import { INCHES, MILLIMETRES, type PartMade } from '@gyrus/core';
import { bendOffWords, partWords } from './practice.ts';

const part = (off: number[], far: number, apart: number): PartMade => ({
  points: [],
  planned: [],
  off,
  far,
  apart,
  bends: [],
});

test('a part within a centimetre is used, one beyond it is scrap with its tube', () => {
  expect(partWords(part([0, 3, 9], 9, -4), 3000, MILLIMETRES)).toEqual({
    usable: true,
    words: 'It can be used: end B is off by 9 mm, the ends stand 4 mm nearer.',
  });
  expect(partWords(part([0, 3, 40], 40, 12), 3000, MILLIMETRES)).toEqual({
    usable: false,
    words:
      'It is scrap, 3000 mm of tube: end B is off by 40 mm, the ends stand 12 mm farther apart; at its worst it is off by 40 mm.',
  });
});

test('why a bend is off is said of each of its figures, and nothing of what nobody sees', () => {
  const sound = { zeroed: true, clampedWrong: false };
  expect(bendOffWords({ bend: 1, place: 1, plane: 0.2, angle: -0.3 }, sound, INCHES)).toEqual([]);
  expect(
    bendOffWords(
      { bend: 2, place: -25.4, plane: 90, angle: -2 },
      { zeroed: false, clampedWrong: true },
      INCHES,
    ),
  ).toEqual([
    'bend 2 lies 1 in toward A of its place, as the clamp was toward the other end',
    'bend 2 lies 90° out of its plane, as the tube was turned otherwise',
    'bend 2 has 2° too little, and its dial was not zeroed under preload',
  ]);
  expect(bendOffWords({ bend: 3, place: 10, plane: 0, angle: 0 }, sound, MILLIMETRES)).toEqual([
    'bend 3 lies 10 mm toward B of its place, as its mark was',
  ]);
});
