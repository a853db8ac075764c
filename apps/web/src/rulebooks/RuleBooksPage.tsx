import { holdsOf, type RuleBook, type ScheduleRow, writtenLength } from '@gyrus/core';
import { checkWords, holdsWords, provenanceWords, roleWords, tubeKindWords } from '@gyrus/formats';
import { PenLine } from 'lucide-react';
import { Link, NavLink, useParams, useSearchParams } from 'react-router';
import { ErrorBoundary } from '../shared/frame/ErrorBoundary.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../shared/figures/PlainTable.tsx';
import { Header } from '../shared/frame/Header.tsx';
import { useRuleBooks } from '../shared/server/queries.ts';
import { FirstStepsBand } from '../jobs/first/FirstStepsBand.tsx';
import { KeepBook, TakeBook } from './BookFiles.tsx';
import { Unfinished } from './Unfinished.tsx';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';

/** Rule books as data, to be read: what each asks, in the program's own words, and where its figures come from. */
export function RuleBooksPage() {
  const books = useRuleBooks();
  const { bookId } = useParams();
  const edition = useSearchParams()[0].get('edition');
  const ofId = books.data?.filter((one) => one.id === bookId) ?? [];
  const book = ofId.find((one) => one.edition === edition) ?? ofId[0] ?? books.data?.[0];
  return (
    <div className="flex min-h-full flex-col">
      <Header />
      <div className="mx-auto w-full max-w-6xl px-6 pt-4 empty:hidden">
        <FirstStepsBand />
      </div>
      <main className="mx-auto grid w-full max-w-6xl gap-8 p-6 md:grid-cols-[260px_minmax(0,1fr)]">
        <nav aria-label="Rule books">
          <h1 className="mb-3 text-3xl">Rule books</h1>
          <ul>
            {books.data?.map((one) => (
              <li key={`${one.id}/${one.edition}`}>
                <NavLink
                  to={`/rule-books/${one.id}?edition=${encodeURIComponent(one.edition)}`}
                  className={`block min-h-10 border-l-4 px-3 py-2 ${one === book ? 'border-chalk bg-sheet font-semibold' : 'border-transparent'}`}
                >
                  {one.title}
                  <span className="text-quiet block text-sm font-medium">edition {one.edition}</span>
                </NavLink>
              </li>
            ))}
          </ul>
          <Link
            to="/rule-books/new"
            className="border-edge bg-sheet rounded-machined mt-4 inline-flex min-h-10 items-center gap-2 border px-3.5 font-semibold hover:bg-white"
          >
            <PenLine aria-hidden="true" className="size-4" />
            Write a book
          </Link>
          <TakeBook />
          <Unfinished />
        </nav>
        {books.isPending && <Loading what="the rule books" />}
        {books.isError && <Trouble error={books.error} retry={() => void books.refetch()} />}
        {book && (
          <ErrorBoundary key={`${book.id}/${book.edition}`} what="This rule book">
            <Book book={book} />
          </ErrorBoundary>
        )}
      </main>
    </div>
  );
}

function Book({ book }: { book: RuleBook }) {
  return (
    <article className="space-y-6">
      <header>
        <h2 className="text-2xl">{book.title}</h2>
        <p className="text-quiet">
          edition {book.edition}; <strong className="text-look">{provenanceWords[book.provenance]}</strong>
        </p>
        <p className="text-quiet">Source: {book.source}</p>
        <p className="mt-2 max-w-prose">{book.note}</p>
        <div className="flex flex-wrap gap-3">
          <KeepBook book={book} />
          <Link
            to={`/rule-books/${book.id}/revise?edition=${encodeURIComponent(book.edition)}`}
            className="border-edge bg-sheet rounded-machined mt-3 inline-flex min-h-10 items-center gap-2 border px-3.5 font-semibold hover:bg-white"
          >
            <PenLine aria-hidden="true" className="size-4" />
            Write a new edition
          </Link>
        </div>
      </header>
      <section>
        <h3 className="mb-2 text-lg">Least tube</h3>
        <PlainTable wide names={['clause', 'members', 'car', 'any one of']}>
          {book.tubeSchedule.map((row, i) => (
            <Row key={i} row={row} />
          ))}
        </PlainTable>
      </section>
      <section>
        <h3 className="mb-2 text-lg">Rules</h3>
        <PlainTable wide names={['clause', 'member', 'rule', 'how it is checked', 'holds']}>
          {book.rules.map((rule) => (
            <TableRow key={rule.id}>
              <Cell whole>{rule.clause}</Cell>
              <Cell>{rule.roles.map(roleWords).join(', ')}</Cell>
              <Cell>
                <Typeset text={rule.text} />
              </Cell>
              <Cell>
                <Typeset text={checkWords(rule.check)} />
              </Cell>
              <Cell>
                <Typeset text={holdsWords(holdsOf(book, rule)) || 'always'} />
              </Cell>
            </TableRow>
          ))}
        </PlainTable>
      </section>
    </article>
  );
}

function Row({ row }: { row: ScheduleRow }) {
  const car = [row.over && `over ${row.over.typed}`, row.upTo && `up to ${row.upTo.typed}`]
    .filter(Boolean)
    .join(', ');
  return (
    <TableRow>
      <Cell whole>{row.clause}</Cell>
      <Cell>{row.roles.map(roleWords).join(', ')}</Cell>
      <Cell figure whole>
        {car || 'any weight'}
      </Cell>
      <Cell>
        {row.options.map((option, i) => (
          <div key={i}>
            <span className="figure font-semibold">
              <Typeset text={`${writtenLength(option.od)} × ${writtenLength(option.wall)}`} />
            </span>{' '}
            {option.kinds.map(tubeKindWords).join(', ')}
          </div>
        ))}
      </Cell>
    </TableRow>
  );
}
