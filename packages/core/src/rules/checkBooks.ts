import { type Plan } from '../plan/index.ts';
import { checkRule, type Subject } from './checkRule.ts';
import { type Finding, finding, type RuleSource } from './finding.ts';
import { type Rule, type RuleBook } from './ruleBook.ts';
import { tubeSizeFindings } from './tubeSize.ts';

/** Holds every chosen book against one member. A book that was chosen and is not at hand is told, not passed over. */
export function bookFindings(
  plan: Plan,
  books: RuleBook[],
  subject: Omit<Subject, 'error' | 'answers'>,
): Finding[] {
  return plan.brief.books.flatMap((chosen) => {
    const book = books.find((one) => one.id === chosen.book);
    if (!book)
      return [
        finding({
          key: `${chosen.book}/missing`,
          code: 'book-missing',
          status: 'ask',
          facts: { book: { text: chosen.book } },
        }),
      ];
    return findingsOf(book, chosen.class, plan, {
      ...subject,
      error: plan.measuringError,
      answers: plan.answers,
    });
  });
}

/** Pieces of the members that a chosen book wants in one continuous tube. */
export function continuousPieces(plan: Plan, books: RuleBook[]): Set<string> {
  const roles = new Set(
    plan.brief.books.flatMap((chosen) =>
      (books.find(({ id }) => id === chosen.book)?.rules ?? [])
        .filter((rule) => rule.check.kind === 'continuous-tube' && holdsFor(rule, chosen.class))
        .flatMap((rule) => rule.roles),
    ),
  );
  return new Set(
    plan.members.filter(({ role }) => roles.has(role)).flatMap(({ pieces }) => pieces.map(({ id }) => id)),
  );
}

/** A rule without classes holds for all. */
const holdsFor = ({ classes }: Rule, chosen: string | null): boolean =>
  classes.length === 0 || (chosen !== null && classes.includes(chosen));

function findingsOf(book: RuleBook, classId: string | null, plan: Plan, subject: Subject): Finding[] {
  const source = (clause: string, text: string): RuleSource => ({
    book: book.id,
    bookTitle: book.title,
    edition: book.edition,
    provenance: book.provenance,
    clause,
    text,
  });
  const rules = book.rules.filter(
    (rule) => rule.roles.includes(subject.member.role) && holdsFor(rule, classId),
  );
  return [
    ...tubeSizeFindings(book, subject.member, plan.brief, source),
    ...rules.flatMap((rule) => checkRule(rule, book.id, subject, source(rule.clause, rule.text))),
  ];
}
