import { EMPTY_SAID, saidIn } from './said.ts';

test('what was typed at a step comes back as it was; anything else counts as nothing', () => {
  const said = {
    ...{ minutes: '25', note: 'tight', photos: [{ file: 'f', name: 'weld.jpg' }] },
    taped: { 'hoop:feet': { mm: 1422.4, typed: '56 in' } },
    procedure: 'tig',
  };
  expect(saidIn(JSON.parse(JSON.stringify(said)))).toEqual(said);
  for (const kept of [
    null,
    'x',
    7,
    [],
    { minutes: 25, note: null, photos: [{ file: 1 }], taped: { a: 'b' }, procedure: 7 },
  ])
    expect(saidIn(kept)).toEqual(EMPTY_SAID);
});
