import { checkRule } from './checkRule.ts';
import { chosenBook, holdsIn, sourceOf } from './chosen.ts';
import { type Finding, finding } from './finding.ts';
import { type RuleBook } from './ruleBook.ts';
import { type RuledCage, type Subject } from './subject.ts';
import { tubeSizeFindings } from './tubeSize.ts';

/** Holds every chosen book against the cage. A book that was chosen and is not at hand is told, not passed over. */
export function bookFindings(books: RuleBook[], cage: RuledCage): Finding[] {
  return cage.plan.brief.books.flatMap((chosen) => {
    const book = chosenBook(books, chosen);
    if (!book)
      return [
        finding({
          key: `${chosen.book}/missing`,
          code: 'book-missing',
          status: 'ask',
          facts: { book: { text: chosen.edition ? `${chosen.book}, ${chosen.edition}` : chosen.book } },
        }),
      ];
    return cage.members.flatMap((member) => findingsOf(book, chosen.class, { ...member, cage }));
  });
}

function findingsOf(book: RuleBook, classId: string | null, subject: Subject): Finding[] {
  const { plan } = subject.cage;
  const source = (clause: string, text: string) => sourceOf(book, clause, text);
  const rules = book.rules.filter(
    (rule) => rule.roles.includes(subject.member.role) && holdsIn(rule, classId, plan.brief),
  );
  return [
    ...tubeSizeFindings(book, subject.member, plan.brief, source),
    ...rules.flatMap((rule) => checkRule(rule, book.id, subject, source(rule.clause, rule.text))),
  ];
}
