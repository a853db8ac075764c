import {
  copesIn,
  type CutNeed,
  type CutPlan,
  cutPlanOf,
  evaluate,
  type Lost,
  needsOf,
  type NotYet,
  type Plan,
  type Provided,
  readOff,
  type RackTube,
  type RuleBook,
  type ScrapRate,
  type Shop,
  sparesFor,
  stillToCut,
} from '@gyrus/core';
import { loadSolver } from '@gyrus/core/solver';

/** Jobs whose tube is to be laid out, with what there is. kerf in mm */
export interface LayOutAsked {
  /** provided, lost: tubes of it that are sawn or promised, and those that were spoiled. */
  jobs: { id: string; plan: Plan; provided: Provided[]; lost: Lost[] }[];
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

/** The search is given up after so long, before a page takes the server for gone; a shop that is idle needs a second. */
const LONGEST = 20;

/** Lays out the tube of some jobs. */
export async function layOut(asked: LayOutAsked): Promise<LaidOut> {
  const { jobs, shop, books, rack, rates, kerf, guided, spares } = asked;
  const solver = await loadSolver(() => performance.now() / 1000);
  const found = jobs.map(({ id, plan, provided, lost }) => {
    const evaluation = evaluate(plan, shop, books);
    const copes = copesIn(plan, evaluation, books);
    const { needs, notYet } = needsOf(plan, evaluation.members, copes, { guided });
    const { length: unit, fraction } = plan.units;
    const left = stillToCut(needs, provided, lost);
    return {
      job: id,
      needs: readOff(left.needs, { unit, fraction, decimals: 0 }),
      notYet: [...notYet, ...left.there],
    };
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
