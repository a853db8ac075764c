import { carPlaces } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { placeName } from './place.ts';

test('places are named in few words, whose they are first', () => {
  const names = carPlaces(demoPlan).map(placeName);
  expect(names).toEqual(
    expect.arrayContaining([
      'windscreen pillar, left',
      'E. Lindqvist: shoulder',
      'E. Lindqvist: top of the helmet',
      'B, left: landing',
    ]),
  );
  expect(new Set(names).size).toBe(names.length);
});
