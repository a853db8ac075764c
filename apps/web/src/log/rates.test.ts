import { byMachine, byRole, lastCars } from './rates.ts';

const bend = (job: string, stamp: string, machine = 'Ram', at = '2026-11-01T10:00:00Z') => ({
  ...{ job, stamp, machine, at },
  piece: `p-${stamp}`,
});
const thrown = (job: string, stamp: string, mm = 1000) => ({
  ...{ job, stamp },
  length: { mm, typed: `${mm} mm` },
});

test('a piece counts once, however many bends it has; what is spoiled most comes first', () => {
  const bends = [bend('a', 'MH'), bend('a', 'MH'), bend('b', 'MH'), bend('a', 'SL'), bend('a', 'SR')];
  expect(byRole(bends, [thrown('a', 'SL'), thrown('a', 'MH')])).toEqual([
    { name: 'SL', made: 1, scrapped: 1, share: 100 },
    { name: 'MH', made: 2, scrapped: 1, share: 50 },
    { name: 'SR', made: 1, scrapped: 0, share: 0 },
  ]);
});

test('a scrapped piece is of the machine that bent it last; of one without a bend nobody knows', () => {
  const bends = [
    bend('a', 'MH', 'Ram', '2026-11-01T10:00:00Z'),
    bend('a', 'MH', 'Draw', '2026-11-02T10:00:00Z'),
    bend('a', 'SL', 'Ram'),
  ];
  const shares = byMachine(bends, [thrown('a', 'MH'), thrown('b', 'SL')]);
  expect(shares.map(({ name, scrapped }) => [name, scrapped])).toEqual([
    ['Draw', 1],
    ['not in the log', 1],
    ['Ram', 0],
  ]);
});

test('the last five cars of a model, the newest first, with what each needed', () => {
  const job = (id: string, car: string, day: string) => ({
    ...{ id, car, name: `job ${id}`, series: '', archived: false, revision: 1, closed: null },
    ...{ copiedFrom: null },
    ...{ createdAt: `2026-${day}T10:00:00Z`, updatedAt: '' },
  });
  const jobs = ['01', '02', '03', '04', '05', '06'].map((day, i) => job(String(i), 'Hatch', `01-${day}`));
  const log = {
    bends: [bend('5', 'MH')],
    scrap: [thrown('5', 'MH', 2500), thrown('4', 'SL')],
    times: [{ job: '5', minutes: 90, steps: 4 }],
  };
  const cars = lastCars('Hatch', [...jobs, job('x', 'Van', '02-01')], log);
  expect(cars.map(({ job: id }) => id)).toEqual(['5', '4', '3', '2', '1']);
  expect(cars[0]).toEqual({ job: '5', name: 'job 5', bends: 1, scrapped: 1, lost: 2500, minutes: 90 });
  expect(lastCars('', [job('y', '', '01-01')], log)).toEqual([]);
});
