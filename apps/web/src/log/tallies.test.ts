import { byMonth, byReason } from './tallies.ts';

const on = (day: string) => ({ at: `${day}T12:00:00.000Z` });

test('months without an entry stand between those with one', () => {
  expect(byMonth([on('2026-11-03'), on('2026-11-20'), on('2027-01-02')], [on('2026-10-09')])).toEqual([
    { month: '2026-10', bends: 0, scrap: 1 },
    { month: '2026-11', bends: 2, scrap: 0 },
    { month: '2026-12', bends: 0, scrap: 0 },
    { month: '2027-01', bends: 1, scrap: 0 },
  ]);
  expect(byMonth([], [])).toEqual([]);
});

test('an entry of long ago does not make a row of a hundred months', () => {
  const months = byMonth([on('2001-01-03'), on('2026-11-20')], []);
  expect(months).toHaveLength(36);
  expect(months.at(-1)).toEqual({ month: '2026-11', bends: 1, scrap: 0 });
});

test('reasons are counted with their tube and money, the most frequent first', () => {
  const lost = (reason: string, mm: number | null, cost: number | null) => ({
    reason,
    length: mm === null ? null : { mm, typed: '' },
    cost,
  });
  expect(
    byReason([lost('slipped', 1000, 10), lost('wrong plane', 3000, null), lost('wrong plane', null, 5.5)]),
  ).toEqual([
    { reason: 'wrong plane', pieces: 2, length: 3000, cost: 5.5 },
    { reason: 'slipped', pieces: 1, length: 1000, cost: 10 },
  ]);
});
