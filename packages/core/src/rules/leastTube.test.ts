import { type MainHoop, type Plan } from '../plan/index.ts';
import { inch } from '../testing/index.ts';
import { book, ruled } from '../testing/ruledHoop.ts';

const kg = (value: number) => ({ kg: value, typed: `${value} kg` });

const option = (od: string, wall: string, ...kinds: string[]) => ({ od: inch(od), wall: inch(wall), kinds });

const schedule = [
  {
    clause: 'S',
    roles: ['main-hoop'],
    over: null,
    upTo: kg(1000),
    options: [option('1 3/4', '0.095', 'drawn-over-mandrel'), option('2', '0.083', 'alloy')],
  },
  {
    clause: 'S',
    roles: ['main-hoop'],
    over: kg(1000),
    upTo: kg(1500),
    options: [option('2', '0.120', 'drawn-over-mandrel')],
  },
];

const sized = (carWeight: Plan['brief']['carWeight'], hoop: Partial<MainHoop> = {}) =>
  ruled([book([], schedule)], { brief: { carWeight }, hoop })[0];

test('least tube by car weight: a row’s upper weight is its own, any option will do, catalogue sizes compare exactly', () => {
  expect(sized(null)).toMatchObject({ code: 'car-weight-missing', status: 'ask' });
  expect(sized(kg(1000))).toMatchObject({ status: 'clear' });
  expect(sized(kg(1000.5))).toMatchObject({ code: 'tube-wall', status: 'out', limit: { mm: 3.048 } });
  expect(sized(kg(2000))).toMatchObject({ code: 'no-row-for-weight', status: 'ask' });
  const thin = { tube: { od: inch('2'), wall: inch('0.083'), kind: 'alloy', batch: '' } as const };
  expect(sized(kg(900), thin)).toMatchObject({ status: 'clear' });
  expect(sized(kg(900), { tube: { ...thin.tube, kind: 'welded' } })).toMatchObject({
    code: 'tube-kind',
    status: 'out',
  });
  const shortOd = {
    tube: { od: inch('1 5/8'), wall: inch('0.095'), kind: 'drawn-over-mandrel', batch: '' } as const,
  };
  expect(sized(kg(900), shortOd)).toMatchObject({ code: 'tube-od', status: 'out' });
  const nearly = {
    tube: { od: { mm: 50.795, typed: '2' }, wall: inch('0.083'), kind: 'alloy', batch: '' } as const,
  };
  expect(sized(kg(900), nearly)?.status).toBe('clear');
});
