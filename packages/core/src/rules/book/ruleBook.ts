import { z } from 'zod';
import { oneOf, say } from '../../fault/index.ts';
import { id, massField, note, stated, title } from '../../plan/index.ts';
import { PROVENANCES, type When } from '../../findings/index.ts';
import { checkKind, role } from './ruleCheck.ts';
import { TUBE_KINDS } from '../../tube/index.ts';

/** What a file with a rule book says that it is. */
export const RULE_BOOK_FORMAT = 'gyrus-rule-book';
/** The version of books that is written; older ones are read (bookMigrations.ts). */
export const RULE_BOOK_VERSION = 2;

const roles = z.array(role, say('the roles')).min(1, 'say which members it is about');

const tubeOption = z.strictObject({
  od: stated.size('the least outside diameter'),
  wall: stated.size('the least wall'),
  kinds: z
    .array(oneOf(TUBE_KINDS, 'a kind of tube'), say('the kinds allowed'))
    .min(1, 'say which kinds of tube are allowed'),
});
/** A least size of tube, and the kinds that have it. */
export type TubeOption = z.infer<typeof tubeOption>;

/** Least sizes for roles and a range of car weight: above `over`, up to and including `upTo`. Any one option will do. */
const scheduleRow = z.strictObject({
  clause: title,
  roles,
  over: massField('the weight above which the row holds').nullable(),
  upTo: massField('the weight up to which the row holds').nullable(),
  options: z.array(tubeOption, say('the options')).min(1, 'give one size at least'),
});
/** The tube sizes that a book allows for some roles and weights. */
export type ScheduleRow = z.infer<typeof scheduleRow>;

/** When a rule holds, besides its roles and classes. */
const when: z.ZodType<When> = z.strictObject({
  roof: oneOf(['open', 'closed'], 'the roof').nullable(),
  over: massField('the weight above which the rule holds').nullable(),
  upTo: massField('the weight up to which the rule holds').nullable(),
  builtFrom: z.int(say('a year')).gte(1900).lte(2200).nullable(),
  builtTo: z.int(say('a year')).gte(1900).lte(2200).nullable(),
});

const rule = z.strictObject({
  id,
  clause: title,
  /** In the program's own words, never the book's. */
  text: note,
  roles,
  /** Class ids the rule is limited to; empty for all. */
  classes: z.array(id, say('classes')),
  /** Always, where it is left out. */
  when: when.optional(),
  check: checkKind,
});
/** One rule: its clause and text, whom it is about, when it holds, how it is checked. */
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
/** An edition of a rule book. A book that was written here or taken in from a file. */
export type RuleBook = z.infer<typeof ruleBookSchema>;
