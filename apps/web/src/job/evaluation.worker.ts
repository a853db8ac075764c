import {
  cockpitIn,
  type CockpitAnswer,
  type Copes,
  copesIn,
  evaluate,
  type Finding,
  findingsIn,
  type Plan,
  type RuleBook,
  type Shop,
} from '@gyrus/core';
import { expose } from 'comlink';

/** Evaluation away from the page's thread, so that typing never waits for it. */
const copes = (plan: Plan, shop: Shop, books: RuleBook[]): Copes =>
  copesIn(plan, evaluate(plan, shop, books), books);

const cockpit = (plan: Plan, shop: Shop, books: RuleBook[]): CockpitAnswer =>
  cockpitIn(plan, evaluate(plan, shop, books));

/** All findings, with those of the copes, the seams and the people in the cage. */
const findings = (plan: Plan, shop: Shop, books: RuleBook[]): Finding[] => {
  const evaluation = evaluate(plan, shop, books);
  return findingsIn(plan, evaluation, copesIn(plan, evaluation, books), books);
};

/**
 * The cage that ships with the program, to try a rule book on; it is built as it is asked for. Here, as building it takes all of the
 * evaluation, which no page loads.
 */
async function demoCage(): Promise<{ plan: Plan; shop: Shop }> {
  const { demoPlan, demoShop } = await import('@gyrus/demo');
  return { plan: demoPlan, shop: demoShop };
}

const worker = { evaluate, copes, cockpit, findings, demoCage };
export type EvaluationWorker = typeof worker;
expose(worker);
