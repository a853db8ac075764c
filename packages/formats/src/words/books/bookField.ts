import { isKeyOf } from '@gyrus/core';
import { blanksOf, checkForms } from './checkForm.ts';

/** A book as far as it is written. */
interface WrittenBook {
  rules?: { clause?: string; check?: { kind?: string } }[];
  tubeSchedule?: { clause?: string }[];
}

/** The field that a fault of a book is about, as its page names it: `rule 3, clause C 5.6: least angle`; `tube row 2: least wall of size 1`. */
export function bookFieldWords(book: WrittenBook, path: string): string {
  const [part = '', number] = path.split('/').slice(1);
  const field = bookBlankWords(book, path);
  if (number === undefined) return field;
  const at = Number(number);
  if (part === 'rules') return rowWords(`rule ${at + 1}`, book.rules?.[at]?.clause, field);
  if (part === 'tubeSchedule') return rowWords(`tube row ${at + 1}`, book.tubeSchedule?.[at]?.clause, field);
  return field;
}

/** The same without the rule or the row that it is in: `least angle`. */
export function bookBlankWords(book: WrittenBook, path: string): string {
  const [part = '', number, ...rest] = path.split('/').slice(1);
  if (number === undefined) return HEAD[part] ?? part;
  if (part === 'rules') return ruleField(book.rules?.[Number(number)]?.check?.kind, rest);
  if (part === 'tubeSchedule') return rowField(rest);
  return part === 'classes' ? `class ${Number(number) + 1}` : part;
}

const rowWords = (row: string, clause: string | undefined, field: string): string =>
  `${row}${clause?.trim() ? `, clause ${clause.trim()}` : ''}: ${field}`;

/** Labels of the page's own fields. */
const HEAD: Record<string, string> = {
  title: 'title',
  edition: 'edition',
  body: 'whose book it is',
  provenance: 'where its figures come from',
  source: 'source: which publication',
  note: 'note',
};

const FIELDS: Record<string, string> = {
  clause: 'clause',
  text: 'what it says, in your own words',
  roles: 'which members it is about',
  classes: 'classes',
  roof: 'roof',
  over: 'car over',
  upTo: 'car up to',
  builtFrom: 'car built from',
  builtTo: 'car built to',
  od: 'least outside',
  wall: 'least wall',
  kinds: 'kinds of tube',
  options: 'sizes',
  id: 'id',
};

function ruleField(kind: string | undefined, [field = '', at]: string[]): string {
  if (field === 'when') return FIELDS[at ?? ''] ?? 'when it holds';
  if (field !== 'check') return FIELDS[field] ?? field;
  const known = kind !== undefined && isKeyOf(checkForms, kind) ? kind : null;
  const blank = known && at !== undefined ? blanksOf(known).find((one) => one.at === at) : undefined;
  return blank?.label ?? 'what is checked';
}

function rowField([field = '', option, key]: string[]): string {
  const size = option === undefined ? '' : ` of size ${Number(option) + 1}`;
  return `${FIELDS[key ?? field] ?? key ?? field}${size}`;
}
