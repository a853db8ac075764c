import { type Copes, copesIn, evaluate, type Plan, type RuleBook, type Shop } from '@gyrus/core';
import { expose } from 'comlink';

/** Evaluation away from the page's thread, so that typing never waits for it. */
const copes = (plan: Plan, shop: Shop, books: RuleBook[]): Copes =>
  copesIn(plan, evaluate(plan, shop, books), books);

const worker = { evaluate, copes };
export type EvaluationWorker = typeof worker;
expose(worker);
