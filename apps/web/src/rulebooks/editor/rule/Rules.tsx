import { type Fault } from '@gyrus/core';
import { checkForms } from '@gyrus/formats';
import { useState } from 'react';
import { newId } from '../../../job/fields/fresh.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { RuleForm } from './RuleForm.tsx';
import { useBookDraft } from '../draft/useBookDraft.ts';

/** The rules of the book, one under the other. */
export function Rules({ faults }: { faults: Fault[] }) {
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
