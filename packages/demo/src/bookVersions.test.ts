import {
  copesIn,
  evaluate,
  type Finding,
  findingsIn,
  type Plan,
  readRuleBook,
  type RuleBook,
} from '@gyrus/core';
import { demoBooks, demoJobs, demoShop } from './index.ts';

/** A book as version 1 had it: nothing said what tubes were counted in, and nothing of what version 2 added. */
const asVersion1 = (book: RuleBook): object => ({
  ...book,
  version: 1,
  rules: book.rules.map((rule) => {
    if (rule.check.kind !== 'count') return rule;
    const { kind, least } = rule.check;
    return { ...rule, check: { kind, least } };
  }),
});

function findingsOf(plan: Plan, books: RuleBook[]): Finding[] {
  const evaluation = evaluate(plan, demoShop, books);
  return findingsIn(plan, evaluation, copesIn(plan, evaluation, books), books);
}

test.each(demoJobs.map(({ name, plan }) => [name, plan] as const))(
  '%s: books of version 1 give the findings of today’s',
  (_, plan) => {
    const old = demoBooks.map((book) => {
      const read = readRuleBook(JSON.parse(JSON.stringify(asVersion1(book))));
      if (!read.ok) throw new Error(read.fault.message);
      return read.value;
    });
    expect(old).toEqual(demoBooks);
    expect(findingsOf(plan, old)).toEqual(findingsOf(plan, demoBooks));
  },
);
