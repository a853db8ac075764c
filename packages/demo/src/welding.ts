import {
  type BuildEntry,
  buildIn,
  type BuildStep,
  evaluate,
  type Length,
  type WeldProcedure,
  type WeldSample,
} from '@gyrus/core';
import { FOUR_POINT_JOB, fourPointPlan } from './fourPoint.ts';
import { demoBooks } from './ruleBooks.ts';
import { demoShop } from './shop.ts';

const id = (number: number) => `5b1d0c00-0000-4000-8000-${String(number).padStart(12, '0')}`;

const sample = (number: number, changes: Partial<WeldSample>): WeldSample => ({
  ...{ id: id(number), position: 'flat', who: 'A. Lind', at: '2026-08-31T14:00:00.000Z', sound: true },
  ...{ note: '', photo: null },
  ...changes,
});

const procedure = (number: number, wall: Length, changes: Partial<WeldProcedure>): WeldProcedure => ({
  ...{ id: id(number), name: '', wall, positions: ['flat'], process: 'tig', filler: '', amperes: null },
  ...{ gas: 'argon 9 l/min', preheat: 'none, steel over 10 °C', passes: 1, who: 'A. Lind' },
  ...{ at: '2026-08-31T09:00:00.000Z', setAside: false, samples: [] },
  ...changes,
});

/** How the demo's shop welds: in every position its tube was tried, but for one that nobody has cut open yet. */
export const demoWelding: WeldProcedure[] = [
  procedure(
    901,
    { mm: 2.413, typed: '.095 in' },
    {
      name: 'TIG .095, all round',
      positions: ['flat', 'horizontal', 'vertical', 'overhead'],
      filler: 'ER80S-D2, 1/16',
      amperes: { least: 65, most: 90 },
      samples: [
        sample(911, { note: 'root through, legs even' }),
        sample(912, { position: 'horizontal' }),
        sample(913, { position: 'vertical', sound: false, note: 'root not fused at the heel' }),
        sample(914, { position: 'vertical', at: '2026-09-02T14:00:00.000Z', note: '5 A more at the heel' }),
      ],
    },
  ),
  procedure(
    902,
    { mm: 3.048, typed: '.120 in' },
    {
      name: 'MIG .120, on the bench',
      process: 'mig',
      filler: 'ER70S-6, 0.8 mm',
      amperes: { least: 110, most: 130 },
      gas: 'argon with 18 % CO2, 12 l/min',
      samples: [sample(921, { who: 'M. Sund' })],
    },
  ),
];

/** What was done on the bench of the four-point bar: hoop and diagonal tacked, taped and welded. */
export const demoBench = (): { job: string; entries: BuildEntry[] } => ({
  job: FOUR_POINT_JOB.id,
  entries: benchSteps().map((step, i) => ({
    ...{ id: id(210 + i), kind: 'done', ticks: step.ticks, who: 'A. Lind', title: titleOf(step) },
    ...{ at: new Date(Date.UTC(2026, 8, 22, 7, 15 * i)).toISOString() },
    ...{ took: null, readings: [], note: '', photos: [] },
    procedure: step.work.kind === 'weld' ? id(901) : null,
  })),
});

function benchSteps(): BuildStep[] {
  const { steps } = buildIn(fourPointPlan, evaluate(fourPointPlan, demoShop, demoBooks), demoBooks);
  return steps.filter(({ where, work }) => where === 'bench' && ['tack', 'weld'].includes(work.kind));
}

function titleOf({ work }: BuildStep): string {
  if (work.kind === 'tack') return `${work.tubes.map(({ stamp }) => stamp).join(', ')} tacked`;
  const stamps = work.kind === 'weld' ? work.seams.map(({ stamp }) => stamp) : [];
  return `${[...new Set(stamps)].join(', ')} welded on the bench`;
}
