import { ABROAD_JOB, abroadPlan } from './abroad.ts';
import { FOUR_POINT_JOB, fourPointPlan } from './fourPoint.ts';
import { DEMO_JOB, demoPlan } from './job.ts';
import { UNFINISHED_JOB, unfinishedPlan } from './unfinished.ts';

export { demoBuilt } from './built.ts';
export { demoBench, demoWelding } from './welding.ts';
export { demoBooks, internationalBook } from './ruleBooks.ts';
export { demoShop } from './shop.ts';
export { abroadPlan, demoPlan, fourPointPlan, unfinishedPlan };

/** The demo's jobs, the one to look at first last, so that it stands on top of the list. */
export const demoJobs = [
  { ...UNFINISHED_JOB, plan: unfinishedPlan },
  { ...FOUR_POINT_JOB, plan: fourPointPlan },
  { ...ABROAD_JOB, plan: abroadPlan },
  { ...DEMO_JOB, plan: demoPlan },
];
