import { resting } from './resting.ts';
import { restsOfRule } from './restsOfRule.ts';
import { checkRule } from './checkRule.ts';
import { chosenBook, holdsIn, holdsWhen, sourceOf } from './chosen.ts';
import { type Finding, finding } from './finding.ts';
import { type RuleBook } from './ruleBook.ts';
import { strapWindows } from './strapWindows.ts';
import { type RuledCage, type Subject } from './subject.ts';
import { tubeSizeFindings } from './tubeSize.ts';

/** Holds every chosen book against the cage. A book that was chosen and is not at hand is told, not passed over. */
export function bookFindings(books: RuleBook[], given: Omit<RuledCage, 'strapWindows'>): Finding[] {
  const cage = { ...given, strapWindows: strapWindows(given.plan, books, 'harness-window') };
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
    return [
      ...classFindings(book, chosen.class, cage),
      ...cage.members.flatMap((member) => findingsOf(book, chosen.class, { ...member, cage })),
    ];
  });
}

/** Rules of a class concern the cage and none of the book's classes is chosen: they cannot be held against it. */
function classFindings(book: RuleBook, chosen: string | null, { plan, members }: RuledCage): Finding[] {
  if (book.classes.some(({ id }) => id === chosen)) return [];
  const waiting = book.rules.filter(
    (rule) =>
      rule.classes.length > 0 &&
      holdsWhen(rule, plan.brief) &&
      members.some(({ member }) => rule.roles.includes(member.role)),
  );
  const [first] = waiting;
  if (!first) return [];
  return [
    finding({
      key: `${book.id}/class`,
      code: 'class-missing',
      status: 'ask',
      rule: sourceOf(book, [...new Set(waiting.map(({ clause }) => clause))].join(', '), ''),
      facts: {
        classes: { text: book.classes.map(({ title }) => title).join(', ') },
        count: { count: waiting.length },
      },
    }),
  ];
}

function findingsOf(book: RuleBook, classId: string | null, subject: Subject): Finding[] {
  const { plan } = subject.cage;
  const source = (clause: string, text: string) => sourceOf(book, clause, text);
  const rules = book.rules.filter(
    (rule) => rule.roles.includes(subject.member.role) && holdsIn(rule, classId, plan.brief),
  );
  return [
    ...tubeSizeFindings(book, subject.member, plan.brief, source),
    ...rules.flatMap((rule) =>
      checkRule(rule, book.id, subject, source(rule.clause, rule.text)).map((found) =>
        resting(found, restsOfRule(rule.check, found, subject)),
      ),
    ),
  ];
}
