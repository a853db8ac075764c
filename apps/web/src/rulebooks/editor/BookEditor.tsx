import { editionChanges, type RuleBook, ruleBookFaults } from '@gyrus/core';
import { editionChangeWords } from '@gyrus/formats';
import { useCallback, useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Header } from '../../shared/frame/Header.tsx';
import { useRuleBooks } from '../../shared/server/queries.ts';
import { useStable } from '../../shared/figures/useStable.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { BookHead } from './BookHead.tsx';
import { ScheduleForm } from './ScheduleForm.tsx';
import { TryBook } from './TryBook.tsx';
import { blankBook, NEW_BOOK } from './draft/keptDrafts.ts';
import { BookDraftContext, useKeptBook } from './draft/useBookDraft.ts';
import { TakeIn } from './TakeIn.tsx';
import { Rules } from './rule/Rules.tsx';

/** A rule book written in the browser: from nothing, or as a new edition of one that is here. */
export function BookEditor() {
  const { bookId } = useParams();
  const edition = useSearchParams()[0].get('edition');
  const books = useRuleBooks();
  if (bookId === undefined) return <Writing name={NEW_BOOK} start={blankBook} revised={null} />;
  const old = books.data?.find((one) => one.id === bookId && (edition === null || one.edition === edition));
  if (!old) return <Loading what="the rule book" />;
  return <Revising key={`${old.id}/${old.edition}`} old={old} />;
}

/** An edition that is here stays as it is, as jobs may be tied to it: what is changed is another. */
function Revising({ old }: { old: RuleBook }) {
  const start = useCallback((): RuleBook => ({ ...old, edition: `${old.edition}, changed` }), [old]);
  return <Writing name={`${old.id}/${old.edition}`} start={start} revised={old} />;
}

interface WritingProps {
  name: string;
  start: () => RuleBook;
  revised: RuleBook | null;
}

const UNITS = [
  { value: 'mm', text: 'mm' },
  { value: 'in', text: 'in' },
] as const;

function Writing({ name, start, revised }: WritingProps) {
  const { book, edit, touched, forget, restore } = useKeptBook(name, start, usePickedDraft());
  const [unit, setUnit] = useState<'in' | 'mm'>('mm');
  const faults = useMemo(() => ruleBookFaults(book), [book]);
  const draft = useMemo(() => ({ book, edit, unit }), [book, edit, unit]);
  return (
    <BookDraftContext value={draft}>
      <div className="flex min-h-full flex-col">
        <Header />
        <main className="mx-auto grid w-full max-w-[1500px] gap-8 p-6 lg:grid-cols-[minmax(0,1fr)_360px]">
          <div className="space-y-8">
            <div className="flex flex-wrap items-end justify-between gap-3">
              <div>
                <h1 className="text-3xl">{revised ? `A new edition of ${revised.title}` : 'A rule book'}</h1>
                <p className="text-quiet max-w-prose">
                  Compared with, never certified by: write what the book asks in your own words, with a check
                  for each rule. What you write is kept by this browser until it is taken in.
                </p>
              </div>
              <Segmented quiet label="a bare number is" value={unit} options={UNITS} onChange={setUnit} />
            </div>
            <BookHead faults={faults} />
            <ScheduleForm faults={faults} />
            <Rules faults={faults} />
            {revised && <Changes old={revised} book={faults.length === 0 ? book : null} />}
            <TakeIn {...{ book, faults, forget, touched, restore }} />
          </div>
          <TryBook book={faults.length === 0 ? book : null} unit={unit} />
        </main>
      </div>
    </BookDraftContext>
  );
}

/** The unfinished book that was picked in the list; the address forgets it as soon as it is here. */
function usePickedDraft(): { wanted: string | null; done: () => void } {
  const [address, setAddress] = useSearchParams();
  const done = useStable(() => {
    const without = new URLSearchParams(address);
    without.delete('draft');
    setAddress(without, { replace: true });
  });
  return { wanted: address.get('draft'), done };
}

/** What the edition changes, figure by figure, and texts that still say the old one. */
function Changes({ old, book }: { old: RuleBook; book: RuleBook | null }) {
  const changes = useMemo(() => (book ? editionChanges(old, book) : null), [old, book]);
  return (
    <section aria-label="What this edition changes" className="space-y-2">
      <h2 className="text-xl">What this edition changes</h2>
      {changes === null && (
        <p className="text-quiet">It is told as soon as nothing is wrong with the book.</p>
      )}
      {changes?.length === 0 && <p className="text-quiet">No rule and no tube yet.</p>}
      <ul className="list-disc space-y-1 pl-5">
        {changes?.map((one) => (
          <li key={`${one.kind}/${one.id}`}>
            {one.kind}, clause {one.clause}: <Typeset text={editionChangeWords(one).join('; ')} />
          </li>
        ))}
      </ul>
    </section>
  );
}
