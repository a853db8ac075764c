import { type RuleBook } from '@gyrus/core';
import { produce } from 'immer';
import { createContext, useCallback, useContext, useEffect, useRef, useState } from 'react';
import { dropBook, keepBook, ownDraft, takeOver } from './keptDrafts.ts';

/**
 * A book that is being written. What cannot be read yet stands in it as it was typed, `{ typed }` without its figure or a text for a
 * number, and what is empty as null: its form says so.
 */
export interface BookDraft {
  book: RuleBook;
  edit: (recipe: (book: RuleBook) => void) => void;
  /** In which unit a bare number is meant. */
  unit: 'in' | 'mm';
}

/** The book that is being written, for its form. */
export const BookDraftContext = createContext<BookDraft | null>(null);

/** The book that is being written. Throws outside its page: a programmer's error. */
export function useBookDraft(): BookDraft {
  const draft = useContext(BookDraftContext);
  if (!draft) throw new Error('a book is written inside its page');
  return draft;
}

/** The book under this name as it was left, or as it starts. wanted: the draft that was picked, see {@link takeOver}; done once it is here. */
export function useKeptBook(
  name: string,
  start: () => RuleBook,
  { wanted, done }: { wanted: string | null; done: () => void },
) {
  const [book, setBook] = useState<RuleBook>(() => ownDraft(name) ?? start());
  const [touched, setTouched] = useState(() => ownDraft(name) !== null);
  const asked = useRef<string | null>(null);
  useEffect(() => {
    const picked = `${name}/${wanted ?? ''}`;
    // Once for each that is picked: asked for again it would change places again.
    if (asked.current === picked) return;
    asked.current = picked;
    void takeOver(name, wanted).then((left) => {
      if (wanted !== null) done();
      if (!left) return;
      setTouched(true);
      setBook(left);
    });
  }, [name, wanted, done]);
  useEffect(() => {
    if (touched) keepBook(name, book);
  }, [name, book, touched]);
  const edit = useCallback((recipe: (book: RuleBook) => void) => {
    setTouched(true);
    setBook((before) => produce(before, (draft) => recipe(draft)));
  }, []);
  const forget = useCallback(() => {
    dropBook(name);
    setTouched(false);
    setBook(start());
  }, [name, start]);
  const restore = useCallback((before: RuleBook) => {
    setTouched(true);
    setBook(before);
  }, []);
  return { book, edit, touched, forget, restore };
}
