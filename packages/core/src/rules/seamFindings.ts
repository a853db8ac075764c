import { type Copes, type SeamAnswer } from '../cage/index.ts';
import { decided } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { rulesOfKind } from './chosen.ts';
import { type Finding, finding, type Status } from './finding.ts';
import { type RuleBook } from './ruleBook.ts';

/**
 * How much of each member's seams the torch cannot reach, against the share that a book lets gussets replace: its worst seam.
 * Within the share it is still a matter of fitting those gussets.
 */
export function seamFindings(plan: Plan, { seams, ends }: Copes, books: RuleBook[]): Finding[] {
  const memberOf = new Map(ends.map(({ piece, member }) => [piece, member] as const));
  return rulesOfKind(plan, books, 'weld-all-round').flatMap(({ rule, check, source }) =>
    plan.members
      .filter(({ role }) => rule.roles.includes(role))
      .flatMap(({ id }): Finding[] => {
        const own = seams.filter(({ piece, length }) => memberOf.get(piece) === id && length > 0);
        const [first, ...more] = own;
        if (!first) return [];
        const worst = more.reduce((most, one) => (shareOf(one) > shareOf(most) ? one : most), first);
        return [
          finding({
            key: `${source.book}/${rule.id}/${id}/reach`,
            code: 'seam-reach',
            status: judged(shareOf(worst), check.gussetShare),
            member: id,
            rule: source,
            measured: { ratio: shareOf(worst) },
            limit: { ratio: check.gussetShare },
            margin: { ratio: check.gussetShare - shareOf(worst) },
            remedy: worst.reach.drop > 0 ? { kind: 'weld-drop', by: worst.reach.drop } : null,
            facts: {
              stamp: { text: worst.stamp },
              end: { text: worst.end.toUpperCase() },
              hidden: { mm: worst.reach.hidden },
              length: { mm: worst.length },
            },
          }),
        ];
      }),
  );
}

const shareOf = ({ reach, length }: SeamAnswer): number => reach.hidden / length;

function judged(share: number, most: number): Status {
  if (decided(share) <= 0) return 'clear';
  return decided(share - most) > 0 ? 'out' : 'look';
}
