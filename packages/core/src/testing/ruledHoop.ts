import { evaluate } from '../evaluate.ts';
import { expectValue } from '../fault/index.ts';
import { type Finding } from '../findings/index.ts';
import { EMPTY_SHOP, type MainHoop, type Plan } from '../plan/index.ts';
import { readRuleBook, type RuleBook } from '../rules/index.ts';
import { choosing, HANDBOOK_CAR, planWith } from './index.ts';
import { bending, die, shop } from './twoInchShop.ts';

/** A book of these rules, each about the main hoop, and of a tube schedule. */
export const book = (rules: object[], tubeSchedule: object[] = []): RuleBook =>
  expectValue(
    readRuleBook({
      format: 'gyrus-rule-book',
      version: 1,
      id: 'b',
      title: 'A book',
      body: 'nobody',
      edition: '1',
      provenance: 'invented',
      source: '',
      note: '',
      classes: [{ id: 'ice', title: 'Ice' }],
      tubeSchedule,
      rules: rules.map((check, i) => ({
        id: `r${i}`,
        clause: `${i}`,
        text: '',
        roles: ['main-hoop'],
        classes: [],
        check,
      })),
    }),
  );

/** What a book `b` finds of a hoop in the handbook's car. */
export const ruled = (
  books: RuleBook[],
  changes: {
    plan?: Partial<Plan>;
    brief?: Partial<Plan['brief']>;
    hoop?: Partial<MainHoop>;
    car?: object;
  } = {},
): Finding[] => {
  const plan = planWith(
    { ...HANDBOOK_CAR, ...changes.car },
    { bending: bending(), ...changes.hoop },
    { dies: [die], ...changes.plan },
  );
  const chosen = { ...plan.brief, books: [{ book: 'b', class: null, edition: null }], ...changes.brief };
  return evaluate({ ...plan, brief: chosen }, shop, books).findings.filter((one) => one.key.startsWith('b/'));
};

/** What a book finds of a plan that chooses it alone. */
export const findingsOf = (plan: Plan, one: RuleBook): Finding[] =>
  evaluate(choosing(plan, one), EMPTY_SHOP, [one]).findings.filter(({ rule }) => rule !== null);

/** The worst status among some findings; undefined where there are none. */
export const worst = (findings: Finding[]) =>
  (['out', 'look', 'ask', 'clear'] as const).find((status) => findings.some((one) => one.status === status));
