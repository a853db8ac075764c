import { type RuleBook } from '@gyrus/core';
import { provenanceWords } from '@gyrus/formats';
import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { Link } from 'react-router';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { useRuleBooks } from '../../shared/queries.ts';
import { SelectField } from '../../shared/SelectField.tsx';

/** Several books at once: builders like to satisfy every series they may enter. */
export function BookChoice() {
  const books = useRuleBooks().data ?? [];
  return (
    <section aria-label="Rule books">
      <h2 className="mb-2 text-lg">Rule books to satisfy</h2>
      <ul className="space-y-2">
        {books.map((book) => (
          <BookRow key={book.id} book={book} />
        ))}
      </ul>
    </section>
  );
}

function BookRow({ book }: { book: RuleBook }) {
  const chosen = usePlan().brief.books.find((one) => one.book === book.id);
  const change = usePlanStore((state) => state.change);
  const toggle = () =>
    change('brief/books', ({ brief }) => {
      brief.books = chosen
        ? brief.books.filter((one) => one.book !== book.id)
        : [...brief.books, { book: book.id, class: null, edition: book.edition }];
    });
  const setClass = (value: string) =>
    change(`brief/books/${book.id}`, ({ brief }) => {
      const found = brief.books.find((one) => one.book === book.id);
      if (found) found.class = value || null;
    });
  const id = `book-${book.id}`;
  return (
    <li className="bg-sheet border-rule rounded-machined flex flex-wrap items-center gap-3 border px-3 py-2">
      <Checkbox.Root
        id={id}
        checked={chosen !== undefined}
        onCheckedChange={toggle}
        className="border-edge data-[state=checked]:bg-ink rounded-machined grid size-8 place-items-center border bg-white text-white"
      >
        <Checkbox.Indicator>
          <Check aria-hidden="true" className="size-5" />
        </Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id} className="min-w-60 flex-1">
        <span className="font-semibold">{book.title}</span>
        <span className="text-quiet block text-sm">
          {book.edition}; {provenanceWords[book.provenance]}
        </span>
      </label>
      {chosen && book.classes.length > 0 && (
        <div className="w-44">
          <SelectField
            label="class"
            value={chosen.class ?? ''}
            options={[
              { value: '', text: 'no class' },
              ...book.classes.map((one) => ({ value: one.id, text: one.title })),
            ]}
            onChange={(event) => setClass(event.target.value)}
          />
        </div>
      )}
      <Link to={`/rule-books/${book.id}`} className="inline-flex min-h-10 items-center underline">
        read
      </Link>
    </li>
  );
}
