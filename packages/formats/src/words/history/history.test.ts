import { type BuildEntry, INCHES } from '@gyrus/core';
import { demoBooks, demoBuilt, demoPlan, demoShop } from '@gyrus/demo';
import { historyOf, historyTubes } from './history.ts';

const [book] = demoBooks;
const [rule] = book?.rules ?? [];
const [hoop] = demoPlan.members;
if (!book || !rule || !hoop) throw new Error('the demo has a book with a rule, and a hoop');
const NOTHING = { entries: [], bends: [], scrap: [], sawn: [], procedures: [] };
const inch = (typed: string, mm: number) => ({ typed, mm });
const at = (day: string) => ({ who: 'Aino', at: `${day}T10:00:00.000Z` });

test('what was done in any place stands in one order, the oldest first, with who did it', () => {
  const entry: BuildEntry = {
    ...{ id: '1', kind: 'done', ticks: ['tack:p'], title: 'D1 tacked to MH', ...at('2026-11-04') },
    ...{
      took: { kind: 'tack', size: 1, minutes: 20 },
      readings: [],
      note: 'tight',
      photos: [],
      procedure: null,
    },
  };
  const tube = {
    od: inch('1 3/4', 44.45),
    wall: inch('.095', 2.413),
    kind: 'drawn-over-mandrel',
    batch: '7731',
  } as const;
  const events = historyOf(
    {
      members: demoPlan.members,
      answers: {
        [`${book.id}/${rule.id}/${hoop.id}`]: {
          answer: 'yes',
          by: 'Eero',
          note: '',
          on: '2026-11-05T10:00:00.000Z',
          photos: [],
        },
      },
    },
    {
      entries: [entry, { ...entry, id: '2', kind: 'undone', took: null, note: '', ...at('2026-11-06') }],
      bends: [
        {
          ...{ stamp: 'MH', bend: 2, machine: 'Ram', dieName: '6 in', tube, note: '', ...at('2026-11-02') },
          ...{
            target: { deg: 84, typed: '84' },
            reading: { deg: 88, typed: '88' },
            released: { deg: 83.8, typed: '83.8' },
          },
        },
      ],
      scrap: [{ stamp: 'SL', reason: 'slipped', length: inch('40 in', 1016), note: '', ...at('2026-11-03') }],
      sawn: [{ stamp: 'MH', length: 3048, batch: '7731', ...at('2026-11-01') }],
      procedures: [],
    },
    [book],
    INCHES,
  );
  expect(events.map(({ kind, text }) => `${kind}: ${text}`)).toEqual([
    'sawn: MH sawn, 120 in, batch 7731',
    'bent: MH, bend 2: read 88°, released 83.8°, wanted 84°; 6 in on Ram, batch 7731',
    'scrap: SL is scrap: slipped, 40 in lost',
    'done: D1 tacked to MH, 20 minutes',
    `answered: yes to ${book.title} ${rule.clause}, ${rule.text}: MH`,
    'taken back: D1 tacked to MH',
  ]);
  expect(events[3]?.note).toBe('tight');
});

test('the demo’s hoop was measured, put right and measured again', () => {
  const entries = demoBuilt
    .flatMap((built) => built.entries)
    .filter(({ id }) => id.endsWith('301') || id.endsWith('303'));
  const events = historyOf({ answers: {}, members: [] }, { ...NOTHING, entries }, [], INCHES);
  expect(events.map(({ kind }) => kind)).toEqual(['measured', 'measured']);
  expect(events[0]?.text).toMatch(/^Measured, off the bender: /);
});

test('tubes of one batch and certificate are one line', () => {
  const rows = historyTubes(demoPlan, demoShop);
  expect(rows[0]?.stamp).toMatch(/^MH, D1/);
  expect(new Set(rows.map(({ tube, batch }) => tube + batch)).size).toBe(rows.length);
});

test('an answer to a book that is not at hand is told by its ids', () => {
  const answer = { answer: 'no' as const, by: 'Eero', note: '', on: null, photos: [] };
  const [event] = historyOf({ members: [], answers: { 'gone/9.1/m': answer } }, NOTHING, [], INCHES);
  expect([event?.text, event?.at]).toEqual(['no to gone/9.1/m', '']);
});
