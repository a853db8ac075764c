import { type Plan } from '../plan/index.ts';
import { chosenBook, holdsIn, sourceOfRule } from './book/chosen.ts';
import { demanded } from './demands.ts';
import { type RuleSource } from '../findings/index.ts';
import { type Rule, type RuleBook } from './book/ruleBook.ts';

/** A rule of a chosen book that yields nothing of this cage, and why: so that its silence is seen. */
export interface PassedOver {
  source: RuleSource;
  roles: Rule['roles'];
  /** `other-car`: it holds for other classes, roofs, weights or years. `no-member`: the cage has no member that it is about. */
  why: 'other-car' | 'no-member';
}

/** Rules of the chosen books that are not about this cage. */
export const passedOver = (plan: Plan, books: RuleBook[]): PassedOver[] =>
  plan.brief.books.flatMap((chosen) => {
    const book = chosenBook(books, chosen);
    if (!book) return [];
    const withClass = book.classes.some(({ id }) => id === chosen.class);
    return book.rules.flatMap((rule): PassedOver[] => {
      // While no class is chosen, a rule of a class asks for it.
      const holds = holdsIn(withClass ? rule : { ...rule, classes: [] }, chosen.class, plan.brief);
      const about = plan.members.some(({ role }) => rule.roles.includes(role));
      if (holds && (about || demanded(rule.check) !== null)) return [];
      return [
        { source: sourceOfRule(book, rule), roles: rule.roles, why: holds ? 'no-member' : 'other-car' },
      ];
    });
  });
