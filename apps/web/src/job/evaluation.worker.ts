import { type Copes, copesIn, evaluate, type Plan, type Shop } from '@gyrus/core';
import { expose } from 'comlink';

/** Evaluation away from the page's thread, so that typing never waits for it. */
const copes = (plan: Plan, shop: Shop): Copes => copesIn(plan, evaluate(plan, shop, []));

const worker = { evaluate, copes };
export type EvaluationWorker = typeof worker;
expose(worker);
