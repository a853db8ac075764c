import {
  type BuildAnswer,
  type CockpitAnswer,
  type Copes,
  type Evaluation,
  type Finding,
  type Plan,
  type RuleBook,
  type Shop,
} from '@gyrus/core';

/** What answers follow from. */
export interface Given {
  plan: Plan;
  shop: Shop;
  books: RuleBook[];
}

/** What is worked out away from the page. */
export interface Answers {
  evaluation: Evaluation;
  copes: Copes;
  cockpit: CockpitAnswer;
  findings: Finding[];
  build: BuildAnswer;
}
/** What can be asked about a plan. */
export type Asked = keyof Answers;

/** The things that answers follow from, each by the number that the page gave it: it is sent once. */
export type Numbers = Record<keyof Given, number>;

/** An answer, or why there is none: it failed; nobody waits for it any more; or a thing has to be sent (again). */
export type Told<T> = { answer: T } | { failed: string } | 'dropped' | 'missing';
