import { type Fault, itemAt } from '@gyrus/core';
import { useState } from 'react';
import { newId } from '../../job/fields/fresh.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { onlyIn, TAKE_THEM, withoutClass, withRulesOf } from './draft/classEdits.ts';
import { TakeOut } from './TakeOut.tsx';
import { useBookDraft } from './draft/useBookDraft.ts';

/** The classes of a book, by their names. */
export function Classes({ faults }: { faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  return (
    <div role="group" aria-label="Classes" className="space-y-2">
      {book.classes.map(({ id, title }, i) => (
        <div key={id} className="flex items-end gap-2">
          <div className="w-72">
            <TextField
              label={`class ${i + 1}`}
              maxLength={120}
              value={title}
              fault={faults.find(({ path }) => path === `/classes/${i}/title`)?.message}
              onChange={(event) =>
                edit(({ classes }) => {
                  const own = classes[i];
                  if (own) own.title = event.target.value;
                })
              }
            />
          </div>
          <TakeOutClass at={i} />
        </div>
      ))}
      <Button onClick={() => edit(({ classes }) => void classes.push({ id: newId(), title: '' }))}>
        Add a class
      </Button>
    </div>
  );
}

function TakeOutClass({ at }: { at: number }) {
  const { book, edit } = useBookDraft();
  const [moveTo, setMoveTo] = useState(TAKE_THEM);
  const own = itemAt(book.classes, at);
  const name = own.title.trim() || `class ${at + 1}`;
  const depending = onlyIn(book, own.id);
  const others = book.classes.filter(({ id }) => id !== own.id);
  const take = () => {
    const { rules } = book;
    edit((draft) => withoutClass(draft, own.id, moveTo));
    return () =>
      edit((draft) => {
        draft.classes.splice(at, 0, own);
        withRulesOf(draft, own.id, rules);
      });
  };
  const question = depending.length > 0 && (
    <div className="mb-4 space-y-2">
      <p>
        {depending.length === 1 ? 'One rule holds' : `${depending.length} rules hold`} in this class alone:{' '}
        {depending.map(({ clause }) => clause || 'without a clause').join(', ')}.
      </p>
      <SelectField
        label="what becomes of them"
        value={moveTo}
        options={[
          { value: TAKE_THEM, text: 'they are taken out with it' },
          ...others.map(({ id, title }) => ({
            value: id,
            text: `they hold in ${title || 'the class without a name'}`,
          })),
        ]}
        onChange={(event) => setMoveTo(event.target.value)}
      />
    </div>
  );
  return (
    <TakeOut what={`class ${name}`} take={take} question={question}>
      Take out
    </TakeOut>
  );
}
