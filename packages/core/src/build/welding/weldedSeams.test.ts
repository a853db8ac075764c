import { type BuildEntry } from '../ticked.ts';
import { weldedSeams, weldTick } from './weldedSeams.ts';

const entry = (
  kind: BuildEntry['kind'],
  ticks: string[],
  who: string,
  procedure: string | null = null,
): BuildEntry => ({
  ...{ id: who, kind, ticks, who, at: '2026-11-27T10:00:00Z', title: '', took: null, readings: [], note: '' },
  ...{ photos: [], procedure },
});

test('who welded which seam last, by which procedure; one taken back is not welded', () => {
  const [whole, under] = [
    { piece: 'd1', end: 'a', over: null } as const,
    { piece: 'd1', end: 'b', over: 'rd' } as const,
  ];
  const entries = [
    entry('done', [weldTick(whole), 'tack:d1', weldTick(under)], 'Aino', 'tig'),
    entry('note', [weldTick(under)], 'Eero', 'mig'),
    entry('undone', [weldTick(whole)], 'Eero'),
  ];
  const by = { at: '2026-11-27T10:00:00Z' };
  expect(weldedSeams(entries)).toEqual([{ ...under, who: 'Aino', procedure: 'tig', ...by }]);
  expect(weldedSeams([...entries, entry('done', [weldTick(whole)], 'Eero')])).toEqual([
    { ...under, who: 'Aino', procedure: 'tig', ...by },
    { ...whole, who: 'Eero', procedure: null, ...by },
  ]);
});
