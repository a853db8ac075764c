import { ALWAYS, type Fault, type Rule, type When } from '@gyrus/core';
import { useId } from 'react';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { Labelled } from '../../../shared/fields/Labelled.tsx';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { NumberBox } from '../NumberBox.tsx';
import { useBookDraft } from '../draft/useBookDraft.ts';
import { WeightFields } from '../WeightFields.tsx';

const ROOFS = [
  { value: '', text: 'any roof' },
  { value: 'open', text: 'open cars' },
  { value: 'closed', text: 'closed cars' },
] as const;

interface RuleWhenProps {
  rule: Rule;
  at: number;
  faults: Fault[];
}

/** When a rule holds: in which classes, for which roof, weight and years. Always, where nothing is said. */
export function RuleWhen({ rule, at, faults }: RuleWhenProps) {
  const { book, edit } = useBookDraft();
  const when = rule.when ?? ALWAYS;
  const set = (change: Partial<When>) =>
    edit(({ rules }) => {
      const own = rules[at];
      if (!own) return;
      const next = { ...ALWAYS, ...own.when, ...change };
      // A rule that holds always says nothing of it.
      if (Object.values(next).every((one) => one === null)) delete own.when;
      else own.when = next;
    });
  const limited = rule.when !== undefined || rule.classes.length > 0;
  const own = faults.filter(({ path }) => path.startsWith(`/rules/${at}/when`));
  return (
    // Opened by what it holds, it is closed by hand alone: a field that is emptied does not vanish.
    <Disclosure
      defaultOpen={limited}
      summaryClassName="text-quiet min-h-8 text-sm"
      summary={limited ? 'Holds not always' : 'Holds always; say here when it does not'}
    >
      <div className="mt-2 grid gap-3 sm:grid-cols-5">
        <SelectField
          label="roof"
          value={when.roof ?? ''}
          options={ROOFS}
          onChange={(event) => set({ roof: chosenIn(ROOFS, event.target.value) || null })}
        />
        <WeightFields value={when} onChange={set} />
        <Year label="car built from" value={when.builtFrom} onChange={(builtFrom) => set({ builtFrom })} />
        <Year label="car built to" value={when.builtTo} onChange={(builtTo) => set({ builtTo })} />
      </div>
      {own.map(({ path, message }) => (
        <p key={path} role="status" className="text-out text-sm font-semibold">
          {message}
        </p>
      ))}
      {book.classes.length > 0 && <Classes rule={rule} at={at} />}
    </Disclosure>
  );
}

function Classes({ rule, at }: { rule: Rule; at: number }) {
  const { book, edit } = useBookDraft();
  return (
    <div role="group" aria-label={`Classes of rule ${at + 1}`} className="mt-2 flex flex-wrap gap-x-4">
      {book.classes.map(({ id, title }) => (
        <label key={id} className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={rule.classes.includes(id)}
            onChange={(event) =>
              edit(({ rules }) => {
                const own = rules[at];
                if (own)
                  own.classes = event.target.checked
                    ? [...own.classes, id]
                    : own.classes.filter((one) => one !== id);
              })
            }
          />
          only {title || 'the class without a name'}
        </label>
      ))}
    </div>
  );
}

interface YearProps {
  label: string;
  value: number | null;
  onChange: (year: number | null) => void;
}

/** What is no year yet stands in the book as it was typed. */
function Year({ label, value, onChange }: YearProps) {
  const id = useId();
  return (
    <Labelled id={id} label={label}>
      <NumberBox
        id={id}
        least={1900}
        most={2200}
        whole
        value={value}
        set={(year) => onChange(year as number | null)}
        className="control figure w-full text-lg font-semibold"
      />
    </Labelled>
  );
}
