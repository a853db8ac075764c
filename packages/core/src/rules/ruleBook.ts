import { z } from 'zod';
import { above, check, fail, oneOf, type Outcome, say } from '../fault/index.ts';
import { angleField, BAR_ROLES, id, massField, note, sizeField, title } from '../plan/index.ts';
import { TUBE_KINDS } from '../tube/index.ts';

export const RULE_BOOK_FORMAT = 'gyrus-rule-book';
const RULE_BOOK_VERSION = 1;

/** Where a book's figures come from, said wherever they are used. */
export const PROVENANCES = ['published', 'from-memory', 'invented'] as const;
export type Provenance = (typeof PROVENANCES)[number];

const roles = z.array(oneOf(['main-hoop', ...BAR_ROLES], 'a role'), say('the roles')).min(1);

const tubeOption = z.strictObject({
  od: sizeField('the least outside diameter'),
  wall: sizeField('the least wall'),
  kinds: z.array(oneOf(TUBE_KINDS, 'a kind of tube'), say('the kinds allowed')).min(1),
});
export type TubeOption = z.infer<typeof tubeOption>;

/** Least sizes for roles and a range of car weight: above `over`, up to and including `upTo`. Any one option will do. */
const scheduleRow = z.strictObject({
  clause: title,
  roles,
  over: massField('the weight above which the row holds').nullable(),
  upTo: massField('the weight up to which the row holds').nullable(),
  options: z.array(tubeOption, say('the options')).min(1),
});
export type ScheduleRow = z.infer<typeof scheduleRow>;

const checkKind = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({ kind: z.literal('least-clr-ratio'), ratio: above(0, 100, 'the least CLR over OD') }),
    z.strictObject({
      kind: z.literal('bends'),
      most: z.int(say('a whole number of bends')).gte(0).lte(100).nullable(),
      largestAngle: angleField(0, 360, 'the largest angle of a bend').nullable(),
    }),
    z.strictObject({ kind: z.literal('continuous-tube') }),
    z.strictObject({ kind: z.literal('tilt-from-vertical'), most: angleField(0, 90, 'the largest tilt') }),
    z.strictObject({ kind: z.literal('ask'), question: note }),
  ],
  say('a check of a known kind'),
);
export type RuleCheck = z.infer<typeof checkKind>;

const rule = z.strictObject({
  id,
  clause: title,
  /** In the program's own words, never the book's. */
  text: note,
  roles,
  /** Class ids the rule is limited to; empty for all. */
  classes: z.array(id, say('classes')),
  check: checkKind,
});
export type Rule = z.infer<typeof rule>;

/** A rule book as data. It is compared with, never certified by. */
export const ruleBookSchema = z.strictObject({
  format: z.literal(RULE_BOOK_FORMAT, say(`"${RULE_BOOK_FORMAT}"`)),
  version: z.literal(RULE_BOOK_VERSION, say(`${RULE_BOOK_VERSION}`)),
  id,
  title,
  body: title,
  edition: title,
  provenance: oneOf(PROVENANCES, 'the provenance'),
  source: note,
  note,
  classes: z.array(z.strictObject({ id, title }), say('the classes')),
  tubeSchedule: z.array(scheduleRow, say('the tube schedule')),
  rules: z.array(rule, say('the rules')),
});
export type RuleBook = z.infer<typeof ruleBookSchema>;

export function readRuleBook(data: unknown): Outcome<RuleBook> {
  if (data === null || typeof data !== 'object')
    return fail('not-an-object', '', 'a rule book is one JSON object');
  return check(ruleBookSchema, data);
}
