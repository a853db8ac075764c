import { RULE_BOOK_VERSION, type RuleBook } from '@gyrus/core';
import { produce } from 'immer';
import { createContext, useCallback, useContext, useEffect, useState } from 'react';
import { newId } from '../../job/fresh.ts';
import { openTabs, tabName } from '../../job/tab.ts';
import { dropText, keepText, keptKeys, keptText } from '../../shared/browserStore.ts';

/** A book that is being written. What cannot be read yet stands in it as null: its form says so. */
export interface BookDraft {
  book: RuleBook;
  edit: (recipe: (book: RuleBook) => void) => void;
  /** In which unit a bare number is meant. */
  unit: 'in' | 'mm';
}

export const BookDraftContext = createContext<BookDraft | null>(null);

export function useBookDraft(): BookDraft {
  const draft = useContext(BookDraftContext);
  if (!draft) throw new Error('a book is written inside its page');
  return draft;
}

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
const prefixOf = (name: string): string => `gyrus-book/${name}/`;
const keyOf = (name: string): string => prefixOf(name) + tabName();

function kept(key: string): RuleBook | null {
  try {
    const text = keptText(key);
    return text === null ? null : (JSON.parse(text) as RuleBook);
  } catch {
    return null;
  }
}

/** What a tab that is closed left of this book is this tab's from here on, where nothing was written here yet. */
async function takeOver(name: string): Promise<RuleBook | null> {
  const prefix = prefixOf(name);
  const open = await openTabs();
  // The last is from before books knew tabs.
  const left = [...keptKeys(prefix), `gyrus-book/${name}`].find(
    (one) => !open.has(one.slice(prefix.length)) && kept(one) !== null,
  );
  const book = left === undefined || kept(keyOf(name)) ? null : kept(left);
  if (left === undefined || !book) return null;
  if (keepText(keyOf(name), JSON.stringify(book))) dropText(left);
  return book;
}

/** The book under this name as it was left, or as it starts. */
export function useKeptBook(name: string, start: () => RuleBook) {
  const [book, setBook] = useState<RuleBook>(() => kept(keyOf(name)) ?? start());
  const [touched, setTouched] = useState(() => kept(keyOf(name)) !== null);
  useEffect(() => {
    if (kept(keyOf(name))) return;
    void takeOver(name).then((left) => {
      if (!left) return;
      setTouched(true);
      setBook(left);
    });
  }, [name]);
  useEffect(() => {
    if (touched) keepText(keyOf(name), JSON.stringify(book));
  }, [name, book, touched]);
  const edit = useCallback((recipe: (book: RuleBook) => void) => {
    setTouched(true);
    setBook((before) => produce(before, (draft) => recipe(draft)));
  }, []);
  const forget = useCallback(() => {
    dropText(keyOf(name));
    setTouched(false);
    setBook(start());
  }, [name, start]);
  return { book, edit, touched, forget };
}
