import { type Brief, type Plan } from '../plan/index.ts';
import { checkRule } from './checkRule.ts';
import { type Finding, finding, type RuleSource } from './finding.ts';
import { type Rule, type RuleBook } from './ruleBook.ts';
import { type CheckOf, type RuleCheck } from './ruleCheck.ts';
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

/** The edition that a job is tied to; the newest at hand where it is tied to none. */
export const chosenBook = (
  books: RuleBook[],
  { book, edition }: Pick<Plan['brief']['books'][number], 'book' | 'edition'>,
): RuleBook | undefined =>
  books.find((one) => one.id === book && (edition === null || one.edition === edition));

/** Pieces of the members that a chosen book wants in one continuous tube. */
export function continuousPieces(plan: Plan, books: RuleBook[]): Set<string> {
  const roles = new Set(
    plan.brief.books.flatMap((chosen) =>
      (chosenBook(books, chosen)?.rules ?? [])
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

/** What a rule leaves open holds for all; what the brief does not know yet is taken as held, so that nothing passes unseen. */
function holdsWhen({ when }: Rule, { roof, carWeight, buildYear }: Brief): boolean {
  if (!when) return true;
  const kg = carWeight?.kg ?? null;
  return (
    (when.roof === null || roof === when.roof) &&
    (when.over === null || kg === null || kg > when.over.kg) &&
    (when.upTo === null || kg === null || kg <= when.upTo.kg) &&
    (when.builtFrom === null || buildYear === null || buildYear >= when.builtFrom) &&
    (when.builtTo === null || buildYear === null || buildYear <= when.builtTo)
  );
}

/** What a rule says of where it is from. */
const sourceOf = (book: RuleBook, clause: string, text: string): RuleSource => ({
  book: book.id,
  bookTitle: book.title,
  edition: book.edition,
  provenance: book.provenance,
  clause,
  text,
});

/** Rules of one kind of check that hold for this job, with where they are from. */
export const rulesOfKind = <K extends RuleCheck['kind']>(
  { brief }: Plan,
  books: RuleBook[],
  kind: K,
): { rule: Rule; check: CheckOf<K>; source: RuleSource }[] =>
  brief.books.flatMap((chosen) => {
    const book = chosenBook(books, chosen);
    return (book?.rules ?? []).flatMap((rule) => {
      if (!book || rule.check.kind !== kind || !holdsFor(rule, chosen.class) || !holdsWhen(rule, brief))
        return [];
      return [{ rule, check: rule.check as CheckOf<K>, source: sourceOf(book, rule.clause, rule.text) }];
    });
  });

function findingsOf(book: RuleBook, classId: string | null, subject: Subject): Finding[] {
  const { plan } = subject.cage;
  const source = (clause: string, text: string) => sourceOf(book, clause, text);
  const rules = book.rules.filter(
    (rule) =>
      rule.roles.includes(subject.member.role) && holdsFor(rule, classId) && holdsWhen(rule, plan.brief),
  );
  return [
    ...tubeSizeFindings(book, subject.member, plan.brief, source),
    ...rules.flatMap((rule) => checkRule(rule, book.id, subject, source(rule.clause, rule.text))),
  ];
}
