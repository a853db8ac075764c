import { type Fault, PROVENANCES } from '@gyrus/core';
import { provenanceWords } from '@gyrus/formats';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { Classes } from './Classes.tsx';
import { useBookDraft } from './draft/useBookDraft.ts';

type TextKey = 'title' | 'body' | 'edition' | 'source' | 'note';

/** What the book is, where its figures come from, and its classes. */
export function BookHead({ faults }: { faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  const faultAt = (path: string) => faults.find((one) => one.path === path)?.message;
  const text = (label: string, key: TextKey, most = 120) => (
    <TextField
      label={label}
      maxLength={most}
      value={book[key]}
      fault={faultAt(`/${key}`)}
      onChange={(event) => edit((draft) => void (draft[key] = event.target.value))}
    />
  );
  return (
    <section aria-label="The book" className="space-y-3">
      <div className="grid gap-3 sm:grid-cols-2">
        {text('title', 'title')}
        {text('edition', 'edition')}
        {text('whose book it is', 'body')}
        <div>
          <SelectField
            label="where its figures come from"
            value={book.provenance}
            options={[
              { value: '', text: 'say where they come from' },
              ...PROVENANCES.map((value) => ({ value, text: provenanceWords[value] })),
            ]}
            onChange={(event) =>
              edit((draft) => void (draft.provenance = event.target.value as typeof draft.provenance))
            }
          />
          {faultAt('/provenance') && (
            <p className="text-out mt-0.5 text-sm font-semibold">Say where its figures come from.</p>
          )}
        </div>
        {text('source: which publication', 'source', 4000)}
        {text('note', 'note', 4000)}
      </div>
      <Classes faults={faults} />
    </section>
  );
}
