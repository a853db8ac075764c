import { dayWords, minuteWords, printedWords } from './moment.ts';

/** Half an hour before midnight in UTC: the next day east of it. */
const at = new Date('2026-11-25T23:30:00Z');

test('a moment is told by the clock of the shop, with its day', () => {
  expect(minuteWords({ at, zone: 'UTC' })).toBe('2026-11-25 23:30');
  // Central European time is one hour, India five and a half ahead of UTC (IANA time zone database).
  expect(minuteWords({ at, zone: 'Europe/Vienna' })).toBe('2026-11-26 00:30');
  expect(minuteWords({ at, zone: 'Asia/Kolkata' })).toBe('2026-11-26 05:00');
  expect(dayWords({ at, zone: 'America/Denver' })).toBe('2026-11-25');
});

test('summer time is that of the day', () => {
  const july = new Date('2026-07-01T12:00:00Z');
  expect(minuteWords({ at: july, zone: 'Europe/Vienna' })).toBe('2026-07-01 14:00');
  expect(printedWords({ at: july, zone: 'UTC' })).toBe('printed 2026-07-01 12:00 (UTC)');
});
