import {
  type BookEdition,
  copesIn,
  earsOf,
  evaluate,
  findingsIn,
  issuedAnswers,
  type IssuedAnswers,
  pieceAnswerOf,
  type Plan,
  type RuleBook,
  type Shop,
} from '@gyrus/core';

/** A tube of a plan, with all that its answers follow from. */
export interface IssueAsked {
  plan: Plan;
  shop: Shop;
  books: RuleBook[];
  piece: string;
}

/** What the floor is told of a tube; `gone` where it is not in the plan (any more), `no-marks` where it cannot be marked out. */
export function answersFor({ plan, shop, books, piece }: IssueAsked): IssuedAnswers | 'gone' | 'no-marks' {
  const evaluation = evaluate(plan, shop, books);
  const found = pieceAnswerOf(evaluation, piece);
  const member = plan.members.find(({ id }) => id === found?.of.member);
  if (!found || !member) return 'gone';
  const copes = copesIn(plan, evaluation, books);
  const findings = findingsIn(plan, evaluation, copes, books);
  return issuedAnswers(plan, member, found.answer, earsOf(copes, piece), { findings, shop }) ?? 'no-marks';
}

/** The editions that a job goes by: the one it is tied to, the newest where it is tied to none. books: the newest of each first */
export const editionsOf = ({ brief }: Pick<Plan, 'brief'>, books: RuleBook[]): BookEdition[] =>
  brief.books.flatMap(({ book, edition }) => {
    const found = books.find((one) => one.id === book && (edition === null || one.edition === edition));
    return found ? [{ id: found.id, title: found.title, edition: found.edition }] : [];
  });
