import { type Tube } from '../cage/index.ts';
import { evaluate } from '../evaluate.ts';
import { pieceAnswerOf } from '../evaluation.ts';
import { factOf } from '../findings/index.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { valueOf } from '../survey/index.ts';

/** A plan's answers without a shop and without books. */
export const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

/** A piece as it was placed. Throws what stood in its way where it was not. */
export const tubeOf = (plan: Plan, piece: string): Tube => {
  const tube = pieceAnswerOf(answersOf(plan), piece)?.answer.tube;
  if (!tube) throw new Error(JSON.stringify(answersOf(plan).findings.map((one) => one.facts)));
  return tube;
};

/** Why tubes were not placed, or do not bend. */
export const saysOf = (plan: Plan): string[] =>
  answersOf(plan)
    .findings.filter(({ code }) => code === 'not-placed' || code === 'does-not-bend')
    .map((one) => factOf(one, 'message'))
    .map((message) => String(message && valueOf(message)));
