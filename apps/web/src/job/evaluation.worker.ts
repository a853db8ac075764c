import {
  type BarRole,
  type CockpitAnswer,
  cockpitIn,
  type Copes,
  copesIn,
  evaluate,
  type Finding,
  findingsIn,
  type MemberProposal,
  mergeTried,
  type Plan,
  proposeMember,
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

/** Bars of a role, tried in the cage as it stands; or what must stand first, or stands in the way. */
const propose = (plan: Plan, shop: Shop, role: BarRole, way: string): MemberProposal =>
  proposeMember(plan, shop, evaluate(plan, shop, []), role, way, () => crypto.randomUUID());

/**
 * The cage that ships with the program, to try a rule book on; it is built as it is asked for. Here, as building it takes all of the
 * evaluation, which no page loads.
 */
async function demoCage(): Promise<{ plan: Plan; shop: Shop }> {
  const { demoPlan, demoShop } = await import('@gyrus/demo');
  return { plan: demoPlan, shop: demoShop };
}

const worker = { evaluate, copes, cockpit, findings, propose, demoCage, merge: mergeTried };
export type EvaluationWorker = typeof worker;
expose(worker);
