import { editionChanges, EMPTY_SHOP, type RuleBook, type Status } from '@gyrus/core';
import { editionChangeWords, leastTubeWords, provenanceWords } from '@gyrus/formats';
import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { evaluateAway } from '../../answers/away.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { useRuleBooks, useShop } from '../../shared/server/queries.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';

/** Several books at once: builders like to satisfy every series they may enter. */
export function BookChoice() {
  const books = useRuleBooks().data ?? [];
  return (
    <section aria-label="Rule books">
      <h2 className="mb-2 text-lg">Rule books to satisfy</h2>
      <ul className="space-y-2">
        {newestOf(books).map((book) => (
          <BookRow key={book.id} book={book} editions={books.filter((one) => one.id === book.id)} />
        ))}
      </ul>
    </section>
  );
}

/** The first of each book: they come newest first. */
const newestOf = (books: RuleBook[]): RuleBook[] =>
  books.filter((book, i) => books.findIndex((one) => one.id === book.id) === i);

function BookRow({ book, editions }: { book: RuleBook; editions: RuleBook[] }) {
  const { brief } = usePlan();
  const style = useJobStyle();
  const chosen = brief.books.find((one) => one.book === book.id);
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
        aria-describedby={`${id}-least`}
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
      <p id={`${id}-least`} className="w-full text-sm">
        <Typeset text={leastTubeWords(book, brief, style)} />
      </p>
      {chosen && chosen.edition !== null && chosen.edition !== book.edition && (
        <NewerEdition tied={editions.find(({ edition }) => edition === chosen.edition)} newest={book} />
      )}
    </li>
  );
}

/** A newer edition with what it changes and what that does to this job, before it is taken. */
function NewerEdition({ tied, newest }: { tied: RuleBook | undefined; newest: RuleBook }) {
  const plan = usePlan();
  const shop = useShop().data ?? EMPTY_SHOP;
  const change = usePlanStore((state) => state.change);
  const changes = tied ? editionChanges(tied, newest) : [];
  const [effect, setEffect] = useState<string | null>(null);
  const take = () =>
    change(`brief/books/${newest.id}/edition`, ({ brief }) => {
      const found = brief.books.find((one) => one.book === newest.id);
      if (found) found.edition = newest.edition;
    });
  const look = async () => {
    const books = plan.brief.books.map((one) => (one.book === newest.id ? { ...one, edition: null } : one));
    const after = await evaluateAway({ ...plan, brief: { ...plan.brief, books } }, shop, [newest]).catch(
      () => null,
    );
    if (!after) return setEffect('What it does could not be worked out: try again.');
    const own = after.findings.filter(({ rule }) => rule?.book === newest.id);
    const count = (status: Status) => own.filter((one) => one.status === status).length;
    setEffect(`${count('out')} out, ${count('look')} to look at, ${count('ask')} to answer under it`);
  };
  return (
    <div className="border-rule w-full space-y-2 border-t pt-2">
      <p className="text-look font-semibold">
        This job is tied to edition {tied?.edition ?? 'that is not here'}; edition {newest.edition} is newer.
      </p>
      <ul className="text-sm">
        {changes.map((one) => (
          <li key={`${one.kind}/${one.id}`}>
            {one.kind}: {one.clause} <Typeset text={editionChangeWords(one).join('; ')} />
          </li>
        ))}
      </ul>
      {effect && <p>{effect}</p>}
      <div className="flex gap-3">
        <Button onClick={() => void look()}>What it does to this job</Button>
        <Button onClick={take}>Take the newer edition</Button>
      </div>
    </div>
  );
}
