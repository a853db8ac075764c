import { type Role } from '../plan/index.ts';
import { type Finding, finding, type RuleSource } from '../findings/index.ts';
import { type Rule } from './book/ruleBook.ts';
import { type CheckOf, type RuleCheck } from './book/ruleCheck.ts';
import { type RuledCage } from './subject.ts';

/** How many bars a check asks for, of each role that its rule is about; null where it asks only how those that stand are made. */
export function demanded(check: RuleCheck): number | null {
  if (check.kind === 'count') return check.least > 0 ? check.least : null;
  return check.kind === 'continuous-tube' ? (check.least ?? null) : null;
}

/** Roles that a rule is about and the cage has no member of. */
const absentRoles = ({ roles }: Rule, { members }: Pick<RuledCage, 'members'>): Role[] =>
  roles.filter((role) => !members.some(({ member }) => member.role === role));

/** What a rule demands and the cage has none of. */
export function missingMembers(rule: Rule, bookId: string, cage: RuledCage, source: RuleSource): Finding[] {
  const least = demanded(rule.check);
  if (least === null) return [];
  const { per = 'side-with-any', of, and } = rule.check as Partial<CheckOf<'count'>>;
  return absentRoles(rule, cage).map((role) =>
    finding({
      key: `${bookId}/${rule.id}/none/${role}`,
      code: 'none-there',
      status: 'out',
      rule: source,
      measured: { count: 0 },
      limit: { count: least },
      margin: { count: -least },
      facts: { role: { text: role }, per: { text: per }, of: { text: of ?? '' }, and: { text: and ?? '' } },
    }),
  );
}
