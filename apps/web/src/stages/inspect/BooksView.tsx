import { type Finding, type Status } from '@gyrus/core';
import { useState } from 'react';
import { usePlan } from '../../job/store/planStore.ts';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { BookMatrix } from './BookMatrix.tsx';
import { type Shown, BookTable } from './BookTable.tsx';
import { type Light } from './hands/Stamps.tsx';
import { PassedOverRules } from './PassedOverRules.tsx';

/** Rule by rule as the books have them: what was measured, the limit, how far inside it; tubes against books, folded. */
export function BooksView({ ruled, light }: { ruled: Finding[]; light: Light }) {
  const { members } = usePlan();
  const [shown, setShown] = useState<Shown>('all');
  const count = (status: Status) => ruled.filter((one) => one.status === status).length;
  const options = [
    { value: 'all' as const, text: `all ${ruled.length}` },
    ...(['out', 'look', 'ask', 'clear'] as const).map((value) => ({
      value,
      text: `${value} ${count(value)}`,
    })),
  ];
  const books = [...new Set(ruled.map((finding) => finding.rule?.book))];
  return (
    <div className="space-y-6">
      <Disclosure summary="tube by tube against the books">
        <BookMatrix members={members} findings={ruled} />
      </Disclosure>
      <Segmented label="findings of the books" value={shown} options={options} onChange={setShown} />
      {books.map((book) => (
        <BookTable
          key={book}
          findings={ruled.filter(({ rule }) => rule?.book === book)}
          {...{ shown, ...light }}
        />
      ))}
      <PassedOverRules />
    </div>
  );
}
