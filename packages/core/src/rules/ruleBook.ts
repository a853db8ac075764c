import { z } from 'zod';
import { check, fail, type Fault, faultsIn, oneOf, type Outcome, say } from '../fault/index.ts';
import { id, massField, note, sizeField, title } from '../plan/index.ts';
import { checkKind, role } from './ruleCheck.ts';
import { TUBE_KINDS } from '../tube/index.ts';

export const RULE_BOOK_FORMAT = 'gyrus-rule-book';
const RULE_BOOK_VERSION = 1;

/** Where a book's figures come from, said wherever they are used. */
export const PROVENANCES = ['published', 'from-memory', 'invented'] as const;
export type Provenance = (typeof PROVENANCES)[number];

const roles = z.array(role, say('the roles')).min(1);

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
export function ruleBookFaults(data: unknown): Fault[] {
  const faults = faultsIn(ruleBookSchema, data);
  return faults.length > 0 ? faults : gapsIn(data as RuleBook);
}

/** What the form of a book allows and a book may not have: no name, no source of published figures, a limit that limits nothing. */
function gapsIn(book: RuleBook): Fault[] {
  const found: Fault[] = [];
  const gap = (path: string, message: string, code = 'missing') => found.push({ code, path, message });
  if (book.title.trim() === '') gap('/title', 'missing: give the title of the book');
  if (book.edition.trim() === '')
    gap('/edition', 'missing: give the edition, so that jobs can be tied to it');
  if (book.provenance === 'published' && book.source.trim() === '')
    gap('/source', 'missing: published figures name the publication');
  const classes = new Set(book.classes.map((one) => one.id));
  const seen = new Set<string>();
  for (const [i, { id, clause, classes: own, check: asked }] of book.rules.entries()) {
    const at = `/rules/${i}`;
    if (clause.trim() === '') gap(`${at}/clause`, 'missing: give the number of the clause');
    if (seen.has(id)) gap(`${at}/id`, `the id "${id}" is used twice`, 'double-id');
    seen.add(id);
    const unknown = own.find((one) => !classes.has(one));
    if (unknown !== undefined) gap(`${at}/classes`, `the book has no class "${unknown}"`, 'unknown-class');
    if (limitsNothing(asked))
      gap(`${at}/check`, 'it limits nothing yet: give one limit at least', 'no-limit');
  }
  return found;
}

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
      return asked.question.trim() === '';
    default:
      return false;
  }
}
