import { INCHES, MILLIMETRES } from '@gyrus/core';
import { demoBooks, internationalBook } from '@gyrus/demo';
import { leastTubeWords } from './leastTubeWords.ts';

const car = (kg: number | null) => ({ carWeight: kg === null ? null : { kg, typed: `${kg} kg` } });
const weightBook = demoBooks.find(({ id }) => id === 'frozen-lake-series');

test('the least tube is told by weight and book, in the reader’s unit, before one is chosen', () => {
  if (!weightBook) throw new Error('the demo has a book by weight');
  // 1 700 lb are 771 kg: below it the lightest row, above it the next.
  expect(leastTubeWords(weightBook, car(700), INCHES)).toBe(
    'least main hoop: 1 1/2 in × 0.095 in drawn over mandrel / cold drawn seamless / alloy',
  );
  expect(leastTubeWords(weightBook, car(900), INCHES)).toMatch(
    /^least main hoop: 1 3\/4 in × 0\.095 in .* or /,
  );
  expect(leastTubeWords(weightBook, car(null), INCHES)).toContain(
    "by the car's weight, which is not entered yet",
  );
  expect(leastTubeWords(internationalBook, car(null), MILLIMETRES)).toMatch(
    /^least main hoop: 45 mm × 2\.5 mm/,
  );
  expect(leastTubeWords({ ...weightBook, tubeSchedule: [] }, car(900), INCHES)).toBe(
    'says nothing of the tube of a main hoop',
  );
  const light = { ...weightBook, tubeSchedule: weightBook.tubeSchedule.slice(0, 1) };
  expect(leastTubeWords(light, car(5000), INCHES)).toContain('no size for a car of this weight');
});
