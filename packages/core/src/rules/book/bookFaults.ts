import { recordOf } from '../../items/index.ts';
import { type Fault, faultsIn } from '../../fault/index.ts';
import { contradictions, gaps } from './bookGaps.ts';
import { type Written } from './written.ts';
import { migrateRuleBook } from './bookMigrations.ts';
import { ruleBookSchema } from './ruleBook.ts';

/**
 * Everything that is wrong with a rule book that is being written or taken in. A blank that holds text and no figure, as `{ typed }`
 * alone or as a text in place of a number, is `unread`; one that may not be empty and is, `empty`.
 */
export function ruleBookFaults(data: unknown): Fault[] {
  const book = data !== null && typeof data === 'object' ? migrateRuleBook(data) : {};
  const blanks = new Map<string, Fault>();
  for (const fault of faultsIn(ruleBookSchema, book)) {
    const told = blankFault(book, fault);
    if (!blanks.has(told.path)) blanks.set(told.path, told);
  }
  const unread = new Set(
    [...blanks.values()].filter(({ code }) => code === 'unread').map(({ path }) => path),
  );
  // What a blank means that is not read yet cannot be said to limit nothing.
  const others = [...gaps(book as Written), ...contradictions(book as Written)].filter(
    ({ path, code }) =>
      !blanks.has(path) && !(code === 'no-limit' && [...unread].some((one) => one.startsWith(path))),
  );
  return [...blanks.values(), ...others];
}

/** A fault of the form, at the blank that it is in. */
function blankFault(book: object, fault: Fault): Fault {
  const [at, value] = blankAt(book, fault.path);
  const text = typeof value === 'string' ? value : typedAlone(value);
  if (text !== null && text.trim() !== '')
    return fault.code === 'too-big'
      ? fault
      : {
          code: 'unread',
          path: at,
          message: `"${text}" is not understood: ${fault.message.replace(/^missing: give/, 'it takes')}`,
        };
  if (value === null || value === undefined || text !== null)
    return { code: 'empty', path: at, message: 'fill it in' };
  return fault;
}

/** The value at a pointer, and the pointer: of the blank that holds it, where that is a half-written figure. */
function blankAt(book: object, path: string): [string, unknown] {
  const keys = path
    .split('/')
    .slice(1)
    .map((key) => key.replaceAll('~1', '/').replaceAll('~0', '~'));
  let value: unknown = book;
  for (const [i, key] of keys.entries()) {
    value = recordOf(value)[key];
    if (typedAlone(value) !== null) return ['/' + keys.slice(0, i + 1).join('/'), value];
  }
  return [path, value];
}

/** What was typed where no figure was read from it. */
const typedAlone = (value: unknown): string | null =>
  value !== null && typeof value === 'object' && 'typed' in value && Object.keys(value).length === 1
    ? String(value.typed)
    : null;
