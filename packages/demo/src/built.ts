import {
  type BuildEntry,
  evaluate,
  expectValue,
  formatLength,
  hoopAnswerOf,
  hoopPoints,
  type Length,
  parseLength,
  type Plan,
} from '@gyrus/core';
import { FOUR_POINT_JOB, fourPointPlan } from './fourPoint.ts';
import { DEMO_JOB, demoPlan } from './job.ts';
import { demoShop } from './shop.ts';
import { UNFINISHED_JOB, unfinishedPlan } from './unfinished.ts';

/** So much wider than planned each hoop came off the bender. mm */
const WIDER = 9;

interface Built {
  /** The id of the job. */
  job: string;
  plan: Plan;
  who: string;
  /** The day on which it was done. */
  day: string;
  /** Of its entries: the last figures of their ids. */
  number: number;
}

const BUILT: Built[] = [
  { job: UNFINISHED_JOB.id, plan: unfinishedPlan, who: 'A. Lind', day: '2026-10-12', number: 100 },
  { job: FOUR_POINT_JOB.id, plan: fourPointPlan, who: 'A. Lind', day: '2026-09-21', number: 200 },
  { job: DEMO_JOB.id, plan: demoPlan, who: 'M. Sund', day: '2026-11-09', number: 300 },
];

/** What was done at the cars of the demo: each hoop taped off the bender, found wide, pulled on, and taped again. */
export const demoBuilt: { job: string; entries: BuildEntry[] }[] = BUILT.map((built) => ({
  job: built.job,
  entries: entriesOf(built),
}));

function entriesOf({ plan, who, day, number }: Built): BuildEntry[] {
  const hoop = hoopAnswerOf(evaluate(plan, demoShop, []))?.tube;
  const planned = hoop && hoopPoints(hoop, null).find(({ key }) => key === 'hoop:feet')?.planned;
  if (planned === undefined || planned === null) return [];
  // As a tape shows it, and as it is then typed.
  const taped = (mm: number): Length =>
    expectValue(
      parseLength(
        formatLength(mm, { ...plan.units, unit: plan.units.length, decimals: 0 }),
        plan.units.length,
      ),
    );
  const entry = (i: number, minute: string, changes: Partial<BuildEntry>): BuildEntry => ({
    id: `5b1d0c00-0000-4000-8000-${String(number + i).padStart(12, '0')}`,
    ...{
      kind: 'note',
      ticks: ['measure:bench'],
      who,
      at: `${day}T${minute}:00.000Z`,
      title: 'Measured, off the bender',
    },
    ...{ took: null, readings: [], note: '', photos: [], procedure: null },
    ...changes,
  });
  const feet = (mm: number) => [{ what: 'bench:hoop:feet', taped: taped(mm), turned: null }];
  return [
    entry(1, '07:40', { readings: feet(planned + WIDER), note: 'under-bent, both sides alike' }),
    entry(2, '07:55', {
      title: 'Hoop put right',
      note: 'both crown bends pulled further by 0.3° before it left the bender',
    }),
    entry(3, '08:05', { readings: feet(planned) }),
  ];
}
