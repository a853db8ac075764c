import { type BuildEntry, type WeldProcedure, weldTick } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { historySeams } from './historySeams.ts';

const [hoop, other] = demoPlan.members.flatMap(({ pieces }) => pieces);
if (!hoop || !other) throw new Error('the demo has tubes');
const entry = (ticks: string[], procedure: string | null): BuildEntry => ({
  ...{ id: 'e', kind: 'done', ticks, who: 'Aino', at: '2026-11-27T10:00:00Z', title: '', took: null },
  ...{ readings: [], note: '', photos: [], procedure },
});
const sample = { id: 's', at: '', note: '', photo: null, who: 'Eero' };
const tig: WeldProcedure = {
  ...{ id: 'tig', name: 'TIG thin', wall: { mm: 2.4, typed: '2.4 mm' }, positions: ['flat', 'overhead'] },
  ...{ process: 'tig', filler: 'none', amperes: null, gas: '', preheat: '', passes: 1, who: '', at: '' },
  setAside: true,
  samples: [
    { ...sample, position: 'flat', sound: false },
    { ...sample, position: 'overhead', sound: true },
    { ...sample, position: 'flat', sound: true },
  ],
};

test('who welded which seam, by which procedure, and what its samples were found to be', () => {
  const entries = [
    entry([weldTick({ piece: other.id, end: 'a', over: null })], 'tig'),
    entry([weldTick({ piece: other.id, end: 'b', over: hoop.id })], null),
    entry([weldTick({ piece: 'gone', end: 'b', over: null })], 'tig'),
  ];
  const by = { who: 'Aino', at: '2026-11-27T10:00:00Z' };
  const samples = 'flat sound (Eero), overhead sound (Eero)';
  expect(historySeams(demoPlan, entries, [tig])).toEqual([
    { seam: `${other.stamp}, end A`, ...by, procedure: 'TIG thin', samples },
    { seam: `${other.stamp}, end B, under ${hoop.stamp}`, ...by, procedure: 'not said', samples: '' },
    { seam: 'a tube that is in the plan no more, end B', ...by, procedure: 'TIG thin', samples },
  ]);
  expect(historySeams(demoPlan, entries.slice(0, 1), [{ ...tig, samples: [] }])[0]?.samples).toBe(
    'none was cut open',
  );
});
