import { type BuildEntry, isDone, readIn, tickedIn, timesOf } from './ticked.ts';

let number = 0;
const entry = (changes: Partial<BuildEntry>): BuildEntry => ({
  ...{
    id: String((number += 1)),
    kind: 'done',
    ticks: ['tack:a'],
    who: 'Aino',
    title: '',
    note: '',
    photos: [],
    procedure: null,
  },
  ...{ at: `2026-11-27T10:00:${String(number).padStart(2, '0')}.000Z`, took: null, readings: [] },
  ...changes,
});
const mm = (value: number) => ({ mm: value, typed: `${value} mm` });

test('a thing is ticked off by the last who said so, and is not once that was taken back', () => {
  const [first, again] = [entry({}), entry({ who: 'Eero' })];
  expect(tickedIn([first, again]).get('tack:a')).toEqual({ who: 'Eero', at: again.at });
  expect(tickedIn([first, entry({ kind: 'undone' })]).has('tack:a')).toBe(false);
  expect(tickedIn([first, entry({ kind: 'note', note: 'tight' })]).get('tack:a')?.who).toBe('Aino');
});

test('a step is done when all of its things are, in whatever steps they were ticked', () => {
  const ticked = tickedIn([entry({ ticks: ['tack:a'] }), entry({ ticks: ['tack:b', 'tack:c'] })]);
  expect(isDone({ ticks: ['tack:a', 'tack:b'] }, ticked)).toBe(true);
  expect(isDone({ ticks: ['tack:a', 'tack:d'] }, ticked)).toBe(false);
});

test('of several readings the last one stands', () => {
  const feet = (value: number) =>
    entry({ readings: [{ what: 'bench:hoop:feet', taped: mm(value), turned: null }] });
  expect(readIn([feet(1430), feet(1422)]).get('bench:hoop:feet')?.taped?.mm).toBe(1422);
});

test('minutes are added kind by kind over all builds, but for steps that were taken back or done anew', () => {
  const took = (minutes: number | null, size = 1) => ({ kind: 'tack' as const, size, minutes });
  const counted = [entry({ took: took(20) }), entry({ ticks: ['tack:b'], took: took(null) })];
  const undone = [entry({ took: took(500) }), entry({ kind: 'undone' })];
  const anew = [entry({ took: took(700) }), entry({ took: took(30, 2) })];
  expect(timesOf([counted, undone, anew])).toEqual([{ kind: 'tack', minutes: 50, size: 3, steps: 2 }]);
  expect(timesOf([undone])).toEqual([]);
});
