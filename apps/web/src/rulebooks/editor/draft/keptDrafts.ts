import { migrateRuleBook, RULE_BOOK_VERSION, type RuleBook } from '@gyrus/core';
import { newId } from '../../../job/fields/fresh.ts';
import { openTabs, tabName } from '../../../job/store/tab.ts';
import { dropText, keepText, keptKeys, keptText } from '../../../shared/server/browserStore.ts';

/** Nothing in it yet: the provenance is left open, as it has to be said. */
export const blankBook = (): RuleBook => ({
  format: 'gyrus-rule-book',
  version: RULE_BOOK_VERSION,
  id: newId(),
  title: '',
  body: '',
  edition: '',
  provenance: '' as RuleBook['provenance'],
  source: '',
  note: '',
  classes: [],
  tubeSchedule: [],
  rules: [],
});

/** Kept by the browser for this tab, so that a closed page loses nothing and two tabs do not write over each other. */
const DRAFTS = 'gyrus-book/';
const prefixOf = (name: string): string => `${DRAFTS}${name}/`;
const keyOf = (name: string): string => prefixOf(name) + tabName();

function kept(key: string): RuleBook | null {
  try {
    const text = keptText(key);
    return text === null ? null : withFields(JSON.parse(text) as Partial<RuleBook>);
  } catch {
    return null;
  }
}

/** The book that is written in this tab under a name; null where none is. */
export const ownDraft = (name: string): RuleBook | null => kept(keyOf(name));

/** Keeps a book for this tab; false where the browser has no room. */
export const keepBook = (name: string, book: RuleBook): boolean =>
  keepText(keyOf(name), JSON.stringify(book));

/** Keeps nothing of it any more. */
export const dropBook = (name: string): void => dropText(keyOf(name));

/** A draft that was left by an earlier version of the program is gone on with as one of today's. */
const withFields = (left: Partial<RuleBook>): RuleBook =>
  migrateRuleBook({ ...blankBook(), ...left }) as RuleBook;

/** The name of a book that is written from nothing. */
export const NEW_BOOK = 'new';

/** A book that somebody began to write in this browser. */
export interface KeptDraft {
  key: string;
  /** NEW_BOOK, or id and edition of the book that it is to be an edition of. */
  name: string;
  book: RuleBook;
  /** Written in this tab, in another one that is open, or left by one that was closed. */
  where: 'here' | 'open' | 'left';
}

/** Every unfinished book of this browser. */
export async function keptDrafts(): Promise<KeptDraft[]> {
  const open = await openTabs();
  return keptKeys(DRAFTS).flatMap((key): KeptDraft[] => {
    const book = kept(key);
    const rest = key.slice(DRAFTS.length);
    // A draft from before drafts knew tabs has no tab at its end.
    const cut = rest === NEW_BOOK ? rest.length : rest.lastIndexOf('/');
    const tab = rest.slice(cut + 1);
    const where = tab === tabName() ? 'here' : open.has(tab) ? 'open' : 'left';
    return book ? [{ key, name: rest.slice(0, cut), book, where }] : [];
  });
}

/**
 * What a tab that is closed left of this book is this tab's from here on. wanted: the key of the draft that was picked; without one the
 * first that there is, where nothing was written here yet. What was written here under that name changes places with it.
 */
export async function takeOver(name: string, wanted: string | null): Promise<RuleBook | null> {
  const prefix = prefixOf(name);
  const own = ownDraft(name);
  if (wanted === keyOf(name) || (wanted === null && own)) return null;
  const open = await openTabs();
  const left = [...keptKeys(prefix), DRAFTS + name].find(
    (one) => !open.has(one.slice(prefix.length)) && (wanted ?? one) === one && kept(one) !== null,
  );
  const book = left === undefined ? null : kept(left);
  if (left === undefined || !book || !keepBook(name, book)) return null;
  if (own) keepText(left, JSON.stringify(own));
  else dropText(left);
  return book;
}
