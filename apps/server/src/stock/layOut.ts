import {
  copesIn,
  type CutNeed,
  type CutPlan,
  cutPlanOf,
  evaluate,
  needsOf,
  type NotYet,
  type Plan,
  readOff,
  type RackTube,
  type RuleBook,
  type ScrapRate,
  type Shop,
  sparesFor,
} from '@gyrus/core';
import { loadSolver } from '@gyrus/core/solver';

/** Jobs whose tube is to be laid out, with what there is. kerf in mm */
export interface LayOutAsked {
  jobs: { id: string; plan: Plan }[];
  shop: Shop;
  books: RuleBook[];
  rack: RackTube[];
  rates: ScrapRate[];
  kerf: number;
  guided: boolean;
  spares: number;
}

/** How it is cut, and what cannot be cut yet. */
export interface LaidOut {
  plan: CutPlan;
  notYet: (NotYet & { job: string })[];
}

/** What the search may take, whoever waits. Seconds */
const LONGEST = 6;

/** Lays out the tube of some jobs. */
export async function layOut(asked: LayOutAsked): Promise<LaidOut> {
  const { jobs, shop, books, rack, rates, kerf, guided, spares } = asked;
  const solver = await loadSolver(() => performance.now() / 1000);
  const found = jobs.map(({ id, plan }) => {
    const evaluation = evaluate(plan, shop, books);
    const copes = copesIn(plan, evaluation, books);
    const { needs, notYet } = needsOf(plan, evaluation.members, copes, { guided });
    const { length: unit, fraction } = plan.units;
    return { job: id, needs: readOff(needs, { unit, fraction, decimals: 0 }), notYet };
  });
  const spoiled = sparesFor(
    found.flatMap(({ needs }) => needs),
    rates,
    spares,
  );
  const needs = found.flatMap((one) =>
    one.needs.flatMap((need): CutNeed[] => {
      const cut = { ...need, job: one.job, spare: false };
      return spoiled.has(need.piece) ? [cut, { ...cut, spare: true }] : [cut];
    }),
  );
  return {
    plan: cutPlanOf({ kerf, needs, rack, buys: shop.tubes }, solver, LONGEST),
    notYet: found.flatMap(({ job, notYet }) => notYet.map((one) => ({ ...one, job }))),
  };
}
