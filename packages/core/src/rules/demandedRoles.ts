import { USUAL_ORDER } from '../cage/index.ts';
import { type BarRole, type Plan } from '../plan/index.ts';
import { type RuleBook } from './book/ruleBook.ts';

/** Roles that a chosen rule book speaks of and the plan has not yet. */
export function demandedRoles({ brief, members }: Plan, books: RuleBook[]): Set<BarRole> {
  const there = new Set<string>(members.map((member) => member.role));
  const chosen = books.filter((book) => brief.books.some((one) => one.book === book.id));
  const spoken = chosen.flatMap((book) => book.rules.flatMap((rule) => rule.roles));
  return new Set(USUAL_ORDER.filter((role) => spoken.includes(role) && !there.has(role)));
}
