import { type RuleBook } from '@gyrus/core';
import { produce } from 'immer';
import { createContext, useCallback, useContext, useEffect, useState } from 'react';
import { newId } from '../../job/fresh.ts';

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
  version: 1,
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

/** Kept by the browser, so that a closed page loses nothing. */
const keyOf = (name: string): string => `gyrus-book/${name}`;

function kept(name: string): RuleBook | null {
  try {
    const text = localStorage.getItem(keyOf(name));
    return text === null ? null : (JSON.parse(text) as RuleBook);
  } catch {
    return null;
  }
}

/** The book under this name as it was left, or as it starts. */
export function useKeptBook(name: string, start: () => RuleBook) {
  const [book, setBook] = useState<RuleBook>(() => kept(name) ?? start());
  const [touched, setTouched] = useState(() => kept(name) !== null);
  useEffect(() => {
    if (!touched) return;
    try {
      localStorage.setItem(keyOf(name), JSON.stringify(book));
    } catch {
      // A browser that keeps nothing loses it with the page, and writing goes on.
    }
  }, [name, book, touched]);
  const edit = useCallback((recipe: (book: RuleBook) => void) => {
    setTouched(true);
    setBook((before) => produce(before, (draft) => recipe(draft)));
  }, []);
  const forget = useCallback(() => {
    localStorage.removeItem(keyOf(name));
    setTouched(false);
    setBook(start());
  }, [name, start]);
  return { book, edit, touched, forget };
}
