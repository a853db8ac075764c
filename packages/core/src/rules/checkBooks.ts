import { conditional, type Finding, finding, resting } from '../findings/index.ts';
import { restsOfRule } from './restsOfRule.ts';
import { checkRule } from './checkRule.ts';
import { chosenBook, holdsIn, holdsOf, holdsWhen, sourceOf, sourceOfRule, undecided } from './book/chosen.ts';
import { demanded, missingMembers } from './demands.ts';
import { type Rule, type RuleBook } from './book/ruleBook.ts';
import { strapWindows } from './strapWindows.ts';
import { type RuledCage, type RuledMember, type Subject } from './subject.ts';
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
      ...demandFindings(book, chosen.class, cage),
      ...cage.members.flatMap((member) => findingsOf(book, chosen.class, member, cage)),
    ];
  });
}

/** Rules of a class concern the cage and none of the book's classes is chosen: they cannot be held against it. */
function classFindings(book: RuleBook, chosen: string | null, cage: RuledCage): Finding[] {
  if (book.classes.some(({ id }) => id === chosen)) return [];
  const waiting = book.rules.filter(
    (rule) => rule.classes.length > 0 && holdsWhen(rule, cage.plan.brief) && concerns(rule, cage),
  );
  const [first] = waiting;
  if (!first) return [];
  return [
    finding({
      key: `${book.id}/class`,
      code: 'class-missing',
      status: 'ask',
      rule: sourceOf(book, {
        clause: [...new Set(waiting.map(({ clause }) => clause))].join(', '),
        text: '',
        holds: holdsOf(book, { classes: [...new Set(waiting.flatMap(({ classes }) => classes))] }),
      }),
      facts: {
        classes: { text: book.classes.map(({ title }) => title).join(', ') },
        count: { count: waiting.length },
      },
    }),
  ];
}

/** Whether a rule is about anything of a cage, or demands what it lacks. */
const concerns = (rule: Rule, { members }: RuledCage): boolean =>
  demanded(rule.check) !== null || members.some(({ member }) => rule.roles.includes(member.role));

function demandFindings(book: RuleBook, classId: string | null, cage: RuledCage): Finding[] {
  const { brief } = cage.plan;
  return book.rules
    .filter((rule) => holdsIn(rule, classId, brief))
    .flatMap((rule) =>
      missingMembers(rule, book.id, cage, sourceOfRule(book, rule)).map((found) =>
        conditional(found, undecided(rule, brief)),
      ),
    );
}

function findingsOf(book: RuleBook, classId: string | null, member: RuledMember, cage: RuledCage): Finding[] {
  const { plan, stock } = cage;
  const subject: Subject = { ...member, cage };
  const rules = book.rules.filter(
    (rule) => rule.roles.includes(member.member.role) && holdsIn(rule, classId, plan.brief),
  );
  return [
    ...tubeSizeFindings(book, member.member, plan.brief, stock),
    ...rules.flatMap((rule) =>
      checkRule(rule, book, member, cage).map((found) =>
        conditional(resting(found, restsOfRule(rule.check, found, subject)), undecided(rule, plan.brief)),
      ),
    ),
  ];
}
