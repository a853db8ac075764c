/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { blankBook, keepBook, NEW_BOOK, ownDraft } from './keptDrafts.ts';
import { useBookDraft, useKeptBook } from './useBookDraft.ts';

beforeEach(() => localStorage.clear());

const done = () => undefined;
const written = (wanted: string | null = null) =>
  renderHook(() => useKeptBook(NEW_BOOK, blankBook, { wanted, done }));

test('a book that nobody touched is not kept', () => {
  const { result } = written();
  expect(result.current.touched).toBe(false);
  expect(ownDraft(NEW_BOOK)).toBeNull();
});

test('what is written is kept at once, and is there again when the page is', () => {
  const first = written();
  act(() => first.result.current.edit((book) => void (book.title = 'Club rules')));
  expect(ownDraft(NEW_BOOK)?.title).toBe('Club rules');
  first.unmount();
  expect(written().result.current.book.title).toBe('Club rules');
});

test('a book is never changed in place: what was there before can be put back', () => {
  const { result } = written();
  const before = result.current.book;
  act(() => result.current.edit((book) => void book.rules.splice(0, 1)));
  act(() => result.current.edit((book) => void (book.title = 'Other')));
  expect(before.title).toBe('');
  act(() => result.current.restore(before));
  expect(result.current.book).toBe(before);
});

test('to forget it begins anew and keeps nothing', () => {
  const { result } = written();
  act(() => result.current.edit((book) => void (book.title = 'Club rules')));
  act(() => result.current.forget());
  expect(result.current).toMatchObject({ touched: false, book: { title: '' } });
  expect(ownDraft(NEW_BOOK)).toBeNull();
});

test('what a closed tab left is gone on with', async () => {
  keepBook(NEW_BOOK, { ...blankBook(), title: 'Left behind' });
  const [key] = Object.keys(localStorage);
  const text = localStorage.getItem(key ?? '') ?? '';
  localStorage.clear();
  localStorage.setItem(`${(key ?? '').slice(0, -'only'.length)}closed`, text);
  const { result } = written();
  await waitFor(() => expect(result.current.book.title).toBe('Left behind'));
  expect(result.current.touched).toBe(true);
});

test('outside its page there is no book', () => {
  expect(() => renderHook(() => useBookDraft())).toThrow('a book is written inside its page');
});
