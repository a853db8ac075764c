import { z } from 'zod';
import { check, fail, type Fault, faultsIn, oneOf, type Outcome, say } from '../fault/index.ts';
import { id, massField, note, stated, title } from '../plan/index.ts';
import { checkKind, role } from './ruleCheck.ts';
import { TUBE_KINDS } from '../tube/index.ts';

export const RULE_BOOK_FORMAT = 'gyrus-rule-book';
const RULE_BOOK_VERSION = 1;

/** Where a book's figures come from, said wherever they are used. */
export const PROVENANCES = ['published', 'from-memory', 'invented'] as const;
export type Provenance = (typeof PROVENANCES)[number];

const roles = z.array(role, say('the roles')).min(1, 'say which members it is about');

const tubeOption = z.strictObject({
  od: stated.size('the least outside diameter'),
  wall: stated.size('the least wall'),
  kinds: z
    .array(oneOf(TUBE_KINDS, 'a kind of tube'), say('the kinds allowed'))
    .min(1, 'say which kinds of tube are allowed'),
});
export type TubeOption = z.infer<typeof tubeOption>;

/** Least sizes for roles and a range of car weight: above `over`, up to and including `upTo`. Any one option will do. */
const scheduleRow = z.strictObject({
  clause: title,
  roles,
  over: massField('the weight above which the row holds').nullable(),
  upTo: massField('the weight up to which the row holds').nullable(),
  options: z.array(tubeOption, say('the options')).min(1, 'give one size at least'),
});
export type ScheduleRow = z.infer<typeof scheduleRow>;

/** When a rule holds, besides its roles and classes. */
const when = z.strictObject({
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

/** Reads a rule book from unknown data; the first thing wrong with it is told. */
export function readRuleBook(data: unknown): Outcome<RuleBook> {
  if (data === null || typeof data !== 'object')
    return fail('not-an-object', '', 'a rule book is one JSON object');
  const read = check(ruleBookSchema, data);
  if (!read.ok) return read;
  const [gap] = gapsIn(read.value);
  return gap ? { ok: false, fault: gap } : read;
}

/** Everything that is wrong with a rule book that is being written. */
export const ruleBookFaults = (data: unknown): Fault[] => [
  ...faultsIn(ruleBookSchema, data),
  ...gapsIn(data ?? {}),
];

/** A book as far as it is written: any part of it may be missing or of the wrong kind. */
type Written = {
  [Key in keyof RuleBook]?: RuleBook[Key] extends (infer Item)[] ? Partial<Item>[] : unknown;
};

const isBlank = (value: unknown): boolean => typeof value === 'string' && value.trim() === '';
const listOf = <T>(value: T[] | undefined): T[] => (Array.isArray(value) ? value : []);

/** What the form of a book allows and a book may not have: no name, no source of published figures, a limit that limits nothing. */
function gapsIn(book: Written): Fault[] {
  const found: Fault[] = [];
  const gap = (path: string, message: string, code = 'missing') => found.push({ code, path, message });
  if (isBlank(book.title)) gap('/title', 'missing: give the title of the book');
  if (isBlank(book.edition)) gap('/edition', 'missing: give the edition, so that jobs can be tied to it');
  if (book.provenance === 'published' && isBlank(book.source))
    gap('/source', 'missing: published figures name the publication');
  for (const [i, row] of listOf(book.tubeSchedule).entries())
    if (isBlank(row.clause)) gap(`/tubeSchedule/${i}/clause`, CLAUSE);
  const classes = new Set(listOf(book.classes).map((one) => one.id));
  const seen = new Set<unknown>();
  for (const [i, rule] of listOf(book.rules).entries()) {
    const at = `/rules/${i}`;
    if (isBlank(rule.clause)) gap(`${at}/clause`, CLAUSE);
    if (rule.id !== undefined && seen.has(rule.id))
      gap(`${at}/id`, `the id "${rule.id}" is used twice`, 'double-id');
    seen.add(rule.id);
    const unknown = listOf(rule.classes).find((one) => !classes.has(one));
    if (unknown !== undefined) gap(`${at}/classes`, `the book has no class "${unknown}"`, 'unknown-class');
    if (rule.check && limitsNothing(rule.check))
      gap(`${at}/check`, 'it limits nothing yet: give one limit at least', 'no-limit');
  }
  return found;
}

const CLAUSE = 'missing: give the number of the clause';

/** A check whose every limit is left open. */
function limitsNothing(asked: Rule['check']): boolean {
  switch (asked.kind) {
    case 'bends':
      return asked.most === null && asked.largestAngle === null;
    case 'angle':
      return asked.least === null && asked.most === null;
    case 'helmet':
      return asked.belowLine === null && asked.belowTop === null && asked.within === null;
    case 'gusset':
      return asked.leg === null && asked.thickness === null;
    case 'splice':
      return asked.sleeve === null && asked.rosettes === null;
    case 'ask':
      return isBlank(asked.question);
    default:
      return false;
  }
}
