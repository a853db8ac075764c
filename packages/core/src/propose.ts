import { copesIn, evaluate, findingsIn } from './evaluate.ts';
import { type Evaluation, standingIn } from './evaluation.ts';
import { type Needs, type NoPlace, proposeBar, type Proposed } from './cage/index.ts';
import { type BarRole, type Plan, type Shop } from './plan/index.ts';
import { type Finding, type FindingCode } from './findings/index.ts';

/** What came of a proposal: bars with nothing of geometry against them, what must stand first, or what stands in the way. */
export type MemberProposal = Proposed | Needs | NoPlace | { inTheWay: Finding[] };

/** Findings that a proposal must not have against it: it has no place, does not bend, clashes at the machine, or does not seat. */
const GEOMETRY = new Set<FindingCode>([
  'not-placed',
  'loop',
  'does-not-bend',
  'clamp-straight',
  'trailing-straight',
  'largest-angle',
  'longest-stick',
  'mark-off-blank',
  'collision',
  'off-node',
  'out-of-line',
  'not-seated',
  'no-cope',
]);

/**
 * Bars of a role as a fabricator would start them, tried in the cage before they are offered: what the program proposes obeys its
 * own checks. evaluation: of the plan as it stands.
 */
export function proposeMember(
  plan: Plan,
  shop: Shop,
  evaluation: Evaluation,
  role: BarRole,
  way: string,
  fresh: () => string,
): MemberProposal {
  const proposed = proposeBar(plan, standingIn(evaluation), role, way, fresh);
  if (!('bars' in proposed)) return proposed;
  const inTheWay = against(withBars(plan, proposed), shop, new Set(proposed.bars.map(({ id }) => id)));
  return inTheWay.length === 0 ? proposed : { inTheWay };
}

/** The plan with proposed bars at the end of its members and of its fit order. */
export const withBars = (plan: Plan, { bars }: Proposed): Plan => ({
  ...plan,
  members: [...plan.members, ...bars],
  fitOrder: [...plan.fitOrder, ...bars.flatMap(({ pieces }) => pieces.map(({ id }) => id))],
});

/** What is found against some members, of their geometry. No book is asked: what it wants is for the builder to choose. */
function against(plan: Plan, shop: Shop, members: Set<string>): Finding[] {
  const bare = { ...plan, brief: { ...plan.brief, books: [] } };
  const evaluation = evaluate(bare, shop, []);
  const pieces = new Set(
    plan.members.filter(({ id }) => members.has(id)).flatMap((member) => member.pieces.map(({ id }) => id)),
  );
  const own = (findings: Finding[]) =>
    findings.filter(
      ({ code, member, key }) =>
        GEOMETRY.has(code) &&
        ((member !== null && members.has(member)) || key.split('/').some((part) => pieces.has(part))),
    );
  // Copes take longest, and of tubes that lie in each other longer still: what is found without them is enough.
  const soon = own(evaluation.findings);
  return soon.length > 0 ? soon : own(findingsIn(bare, evaluation, copesIn(bare, evaluation, []), []));
}
