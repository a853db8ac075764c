import { MAIN_BRANCH } from '@gyrus/contract';
import { costsOf, needsOf, type Plan, type RuleBook, type Shop, tubesIn, wholeCost } from '@gyrus/core';
import { copesAway, evaluateAway } from '../../answers/away.ts';
import { type Compared } from './CompareTable.tsx';

/** What a variant is called. */
export const variantName = (branch: string): string => (branch === MAIN_BRANCH ? 'main plan' : branch);

/** A plan that is not on screen with all that it is compared by. guided: the shop's saw needs no pilot */
export async function comparedOf(
  name: string,
  plan: Plan,
  { shop, books, guided }: { shop: Shop; books: RuleBook[]; guided: boolean },
): Promise<Compared> {
  const [answers, copes] = await Promise.all([evaluateAway(plan, shop, books), copesAway(plan, shop, books)]);
  const { needs, notYet } = needsOf(plan, answers.members, copes, { guided });
  const tubes = new Map(tubesIn(answers).map((tube) => [tube.piece, tube.developed]));
  const tube = wholeCost(costsOf(needs, (piece) => tubes.get(piece) ?? null, shop));
  return { name, plan, answers, tube: { ...tube, without: notYet.map(({ stamp }) => stamp) } };
}
