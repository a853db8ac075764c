import { check, fail, type Outcome } from '../../fault/index.ts';
import { contradictions, gaps } from './bookGaps.ts';
import { migrateRuleBook } from './bookMigrations.ts';
import { type RuleBook, ruleBookSchema } from './ruleBook.ts';

/**
 * Reads a rule book of any version from unknown data; the first thing wrong with it is told. A book of an earlier version is read as it
 * was taken in then; one that is taken in now is also held to {@link ruleBookFaults}.
 */
export function readRuleBook(data: unknown): Outcome<RuleBook> {
  if (data === null || typeof data !== 'object')
    return fail('not-an-object', '', 'a rule book is one JSON object');
  const old = 'version' in data && data.version === 1;
  const read = check(ruleBookSchema, migrateRuleBook(data));
  if (!read.ok) return read;
  const [fault] = [...gaps(read.value), ...(old ? [] : contradictions(read.value))];
  return fault ? { ok: false, fault } : read;
}
