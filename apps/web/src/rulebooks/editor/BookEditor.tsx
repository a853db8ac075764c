import { editionChanges, type Fault, type RuleBook, ruleBookFaults } from '@gyrus/core';
import { bookFieldWords, checkForms, editionChangeWords } from '@gyrus/formats';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { newId } from '../../job/fields/fresh.ts';
import { api } from '../../shared/server/api.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Header } from '../../shared/frame/Header.tsx';
import { useRuleBooks } from '../../shared/server/queries.ts';
import { useStable } from '../../shared/figures/useStable.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { BookHead } from './BookHead.tsx';
import { RuleForm } from './RuleForm.tsx';
import { ScheduleForm } from './ScheduleForm.tsx';
import { TakeOut } from './TakeOut.tsx';
import { TryBook } from './TryBook.tsx';
import { blankBook, NEW_BOOK } from './draft/keptDrafts.ts';
import { BookDraftContext, useBookDraft, useKeptBook } from './draft/useBookDraft.ts';

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

function Rules({ faults }: { faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  const [added, setAdded] = useState<string | null>(null);
  const add = () => {
    const id = newId();
    setAdded(id);
    edit(({ rules }) => {
      const last = rules.at(-1);
      rules.push({
        id,
        clause: '',
        text: '',
        // Rules of a book come in runs about the same members: the last choice is mostly the next.
        roles: [...(last?.roles ?? ['main-hoop' as const])],
        classes: [],
        check: checkForms[last?.check.kind ?? 'tilt-from-vertical'].fresh,
      });
    });
  };
  return (
    <section aria-label="Rules" className="space-y-3">
      <h2 className="text-xl">Rules</h2>
      {book.rules.length === 0 && (
        <p className="text-quiet">
          Each rule has a clause, the members it is about, and a check. What no program can compute becomes a
          question that a person answers at Inspect.
        </p>
      )}
      <ol className="space-y-3">
        {book.rules.map((rule, i) => (
          <RuleForm
            key={rule.id}
            rule={rule}
            at={i}
            isNew={rule.id === added}
            faults={faults.filter(({ path }) => path.startsWith(`/rules/${i}/`))}
          />
        ))}
      </ol>
      <Button onClick={add}>Add a rule</Button>
    </section>
  );
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

interface TakeInProps {
  book: RuleBook;
  faults: Fault[];
  forget: () => void;
  restore: (book: RuleBook) => void;
  touched: boolean;
}

/** Takes the book in among the others; what stands against it is named by clause and field. */
function TakeIn({ book, faults, forget, restore, touched }: TakeInProps) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const take = useMutation({
    mutationFn: () => api<RuleBook>('rule-books', 'POST', book),
    onSuccess: async (taken) => {
      await client.invalidateQueries({ queryKey: ['rule-books'] });
      forget();
      void navigate(`/rule-books/${taken.id}?edition=${encodeURIComponent(taken.edition)}`);
    },
  });
  return (
    <section aria-label="Take it in" className="border-rule space-y-3 border-t pt-4">
      {faults.length > 0 && (
        <div>
          <p className="font-semibold">
            {faults.length === 1 ? 'One thing stands' : `${faults.length} things stand`} against taking it in:
          </p>
          <ul aria-label="What stands against it">
            {faults.slice(0, 12).map(({ path, message }) => (
              <li key={path + message} className="text-out">
                <strong>{bookFieldWords(book, path)}</strong>: {message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {take.isError && (
        <p role="alert" className="text-out font-semibold">
          {take.error.message}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button kind="strong" disabled={faults.length > 0 || take.isPending} onClick={() => take.mutate()}>
          Take it in
        </Button>
        {touched && (
          <TakeOut
            kind="danger"
            what="all that was written here"
            answer="Start over"
            take={() => {
              forget();
              return () => restore(book);
            }}
          >
            Start over
          </TakeOut>
        )}
        <Link to="/rule-books" className="inline-flex min-h-10 items-center px-2 font-semibold underline">
          Leave it for now
        </Link>
      </div>
    </section>
  );
}
