import { MAIN_BRANCH } from '@gyrus/contract/constants';
import {
  cageCosts,
  type Copes,
  type Evaluation,
  type Plan,
  type RuleBook,
  type Shop,
  wholeCost,
} from '@gyrus/core';
import { copesAway, evaluateAway } from '../../answers/away.ts';
import { type Compared } from './CompareTable.tsx';

/** What a variant is called. */
export const variantName = (branch: string): string => (branch === MAIN_BRANCH ? 'main plan' : branch);

/** What a shop has, and whether its saw needs no pilot. */
interface Sawing {
  shop: Shop;
  guided: boolean;
}

/** A plan with its answers, and what is sawn for it. */
export function comparedWith(
  name: string,
  plan: Plan,
  { answers, copes }: { answers: Evaluation; copes: Copes },
  sawing: Sawing,
): Compared {
  const { costs, notYet } = cageCosts(plan, answers.members, copes, sawing);
  const { cut, cost } = wholeCost(costs);
  return { name, plan, answers, tube: { cut, cost, without: notYet.map(({ stamp }) => stamp) } };
}

/** The same of a plan that is not on screen. */
export async function comparedOf(
  name: string,
  plan: Plan,
  { books, ...sawing }: Sawing & { books: RuleBook[] },
): Promise<Compared> {
  const [answers, copes] = await Promise.all([
    evaluateAway(plan, sawing.shop, books),
    copesAway(plan, sawing.shop, books),
  ]);
  return comparedWith(name, plan, { answers, copes }, sawing);
}
