import { evaluate } from './evaluate.ts';
import { type Evaluation } from './evaluation.ts';
import { askAll, type Choices, mergePlans, type PlanMerge } from './merge/index.ts';
import { EMPTY_SHOP, type Plan } from './plan/index.ts';

/**
 * Two people's changes to one plan put together, and tried: a tube that stood with both of them stands in what comes of it, or they are
 * asked about the whole. base: the revision that both started from.
 */
export function mergeTried(
  base: Plan,
  mine: Plan,
  theirs: Plan,
  choices: Choices = {},
): PlanMerge & { fallen: string[] } {
  const merge = mergePlans(base, mine, theirs, choices);
  const fallen = fallenIn(merge.plan, [mine, theirs]);
  return fallen.length === 0 ? { ...merge, fallen } : { ...askAll(mine, theirs, choices), fallen };
}

/** Stamps of the tubes that stand nowhere in a plan and stood with everybody who has them. */
function fallenIn(plan: Plan, sides: Plan[]): string[] {
  const placed = (one: Plan) => piecesIn(evaluate(bare(one), EMPTY_SHOP, []));
  const before = sides.map(placed);
  return [...placed(plan).entries()].flatMap(([piece, { stamp, stands }]) => {
    const known = before.flatMap((pieces) => pieces.get(piece) ?? []);
    return !stands && known.length > 0 && known.every((one) => one.stands) ? [stamp] : [];
  });
}

/** Whether a tube stands hangs on no book, and on no shop. */
const bare = (plan: Plan): Plan => ({ ...plan, brief: { ...plan.brief, books: [] } });

const piecesIn = ({ members }: Evaluation): Map<string, { stamp: string; stands: boolean }> =>
  new Map(
    members.flatMap(({ pieces }) =>
      pieces.map(({ piece, stamp, tube }) => [piece, { stamp, stands: tube !== null }] as const),
    ),
  );
