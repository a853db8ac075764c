import { millimetres } from '../../measure/index.ts';
import { type WeldProcedure, type WeldSample } from './procedure.ts';
import { proceduresFor, standingOf } from './standing.ts';

const sample = (changes: Partial<WeldSample>): WeldSample => ({
  ...{
    id: 's',
    position: 'flat',
    who: 'Aino',
    at: '2026-11-02T10:00:00Z',
    sound: true,
    note: '',
    photo: null,
  },
  ...changes,
});
const procedure = (changes: Partial<WeldProcedure> = {}): WeldProcedure => ({
  ...{ id: 'p', name: 'TIG, thin', wall: millimetres(2.4), positions: ['flat', 'vertical', 'overhead'] },
  ...{ process: 'tig', filler: '1.6 mm', amperes: { least: 60, most: 85 }, gas: 'argon', preheat: 'none' },
  ...{ passes: 1, who: 'Aino', at: '2026-11-01T10:00:00Z', setAside: false, samples: [] },
  ...changes,
});

test('a procedure is for its own wall, as a mill lets it vary, and for as long as it is not set aside', () => {
  const all = [
    procedure(),
    procedure({ id: 'thick', wall: millimetres(3.05) }),
    procedure({ id: 'old', setAside: true }),
  ];
  expect(proceduresFor(all, 2.413).map(({ id }) => id)).toEqual(['p']);
  expect(proceduresFor(all, 2.9).map(({ id }) => id)).toEqual(['thick']);
  expect(proceduresFor(all, 1.6)).toEqual([]);
});

test('what no sample was cut open of is not sound; the last sample of a position tells', () => {
  const seam = { flat: 40, horizontal: 10, vertical: 20, overhead: 30 };
  const samples = [
    sample({ id: '1', sound: false }),
    sample({ id: '2' }),
    sample({ id: '3', position: 'overhead' }),
    sample({ id: '4', position: 'overhead', sound: false }),
  ];
  expect(
    standingOf(procedure({ samples }), seam).map(({ position, kind, sample: one }) => [
      position,
      kind,
      one?.id,
    ]),
  ).toEqual([
    ['flat', 'sound', '2'],
    ['overhead', 'not-sound', '4'],
    ['vertical', 'no-sample', undefined],
    ['horizontal', 'not-for-it', undefined],
  ]);
  // A touch of another position is passed over.
  expect(standingOf(procedure(), { flat: 80, horizontal: 0, vertical: 4.9, overhead: 0 })).toHaveLength(1);
});
