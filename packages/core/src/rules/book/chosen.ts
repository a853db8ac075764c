import { keptPair } from '../../kept/index.ts';
import { type Brief, type Plan } from '../../plan/index.ts';
import { type AssumedThing, type ThingName } from '../../known/index.ts';
import { ALWAYS, type Holds, type RuleSource } from '../../findings/index.ts';
import { type Rule, type RuleBook, type ScheduleRow } from './ruleBook.ts';
import { type CheckOf, type RuleCheck } from './ruleCheck.ts';

/** The edition that a job is tied to; the newest at hand where it is tied to none. */
export const chosenBook = (
  books: RuleBook[],
  { book, edition }: Pick<Plan['brief']['books'][number], 'book' | 'edition'>,
): RuleBook | undefined =>
  books.find((one) => one.id === book && (edition === null || one.edition === edition));

/** Whether a rule holds for a job in a class of its book. A rule without classes holds for all. */
export const holdsIn = (rule: Rule, chosen: string | null, brief: Brief): boolean =>
  (rule.classes.length === 0 || (chosen !== null && rule.classes.includes(chosen))) && holdsWhen(rule, brief);

/** What a rule leaves open holds for all; what the brief does not know yet is taken as held, so that nothing passes unseen. */
export function holdsWhen({ when }: Rule, { roof, carWeight, buildYear }: Brief): boolean {
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

/** What the brief does not say and a rule goes by: whether the rule holds is not known. */
export function undecided({ when }: Rule, { carWeight, buildYear }: Brief): AssumedThing[] {
  const byWeight = when?.over != null || when?.upTo != null;
  const byYear = when?.builtFrom != null || when?.builtTo != null;
  return [
    ...(byWeight && carWeight === null ? [ofBrief('carWeight')] : []),
    ...(byYear && buildYear === null ? [ofBrief('buildYear')] : []),
  ];
}

const ofBrief = (what: 'carWeight' | 'buildYear'): AssumedThing => ({
  name: { of: 'brief', name: '', role: null, side: null, what, standsFor: 'car' } satisfies ThingName,
  id: '',
  figures: [],
  leftOut: true,
});

/** When a rule holds, in the titles of its book's classes; null where always. */
export function holdsOf(book: RuleBook, { classes, when }: Pick<Rule, 'classes' | 'when'>): Holds | null {
  if (classes.length === 0 && !when) return null;
  const titles = classes.map((id) => book.classes.find((one) => one.id === id)?.title || id);
  return { ...ALWAYS, ...when, classes: titles };
}

/** The weights of a row of the schedule; null where it holds for all cars. */
export const holdsOfRow = ({ over, upTo }: ScheduleRow): Holds | null =>
  over === null && upTo === null ? null : { ...ALWAYS, over, upTo, classes: [] };

/** Where something that a book asks is from, and when it holds. */
export const sourceOf = (
  book: RuleBook,
  { clause, text, holds }: Pick<RuleSource, 'clause' | 'text' | 'holds'>,
): RuleSource => ({
  book: book.id,
  bookTitle: book.title,
  edition: book.edition,
  provenance: book.provenance,
  clause,
  text,
  holds,
});

/** Where a rule is from. */
export const sourceOfRule = keptPair((book: RuleBook, rule: Rule): RuleSource =>
  sourceOf(book, { clause: rule.clause, text: rule.text, holds: holdsOf(book, rule) }),
);

/** Rules of one kind of check that hold for this job, with where they are from. */
export const rulesOfKind = <K extends RuleCheck['kind']>(
  { brief }: Plan,
  books: RuleBook[],
  kind: K,
): { rule: Rule; check: CheckOf<K>; source: RuleSource }[] =>
  brief.books.flatMap((chosen) => {
    const book = chosenBook(books, chosen);
    return (book?.rules ?? []).flatMap((rule) =>
      book && rule.check.kind === kind && holdsIn(rule, chosen.class, brief)
        ? [{ rule, check: rule.check as CheckOf<K>, source: sourceOfRule(book, rule) }]
        : [],
    );
  });

/** Pieces of the members that a chosen book wants in one continuous tube. */
export function continuousPieces(plan: Plan, books: RuleBook[]): Set<string> {
  const rules = rulesOfKind(plan, books, 'continuous-tube');
  const wanted = (member: Plan['members'][number]) =>
    rules.some(
      ({ rule, check }) =>
        rule.roles.includes(member.role) &&
        // Where only some of the bars have to be, it is those that nothing splits.
        (check.least == null || !member.crossings.some(({ goes }) => goes === 'split')),
    );
  return new Set(plan.members.filter(wanted).flatMap(({ pieces }) => pieces.map(({ id }) => id)));
}
