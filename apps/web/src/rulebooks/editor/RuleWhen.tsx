import { type Rule } from '@gyrus/core';
import { SelectField } from '../../shared/SelectField.tsx';
import { TextField } from '../../shared/TextField.tsx';
import { useBookDraft } from './useBookDraft.ts';
import { WeightFields } from './WeightFields.tsx';

type When = NonNullable<Rule['when']>;
const ALWAYS: When = { roof: null, over: null, upTo: null, builtFrom: null, builtTo: null };

const ROOFS = [
  { value: '', text: 'any roof' },
  { value: 'open', text: 'open cars' },
  { value: 'closed', text: 'closed cars' },
];

/** When a rule holds: in which classes, for which roof, weight and years. Always, where nothing is said. */
export function RuleWhen({ rule, at }: { rule: Rule; at: number }) {
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
  return (
    <details open={limited}>
      <summary className="text-quiet min-h-8 cursor-pointer text-sm">
        {limited ? 'Holds not always' : 'Holds always; say here when it does not'}
      </summary>
      <div className="mt-2 grid gap-3 sm:grid-cols-5">
        <SelectField
          label="roof"
          value={when.roof ?? ''}
          options={ROOFS}
          onChange={(event) =>
            set({ roof: event.target.value === '' ? null : (event.target.value as 'open') })
          }
        />
        <WeightFields value={when} onChange={set} />
        <Year label="car built from" value={when.builtFrom} onChange={(builtFrom) => set({ builtFrom })} />
        <Year label="car built to" value={when.builtTo} onChange={(builtTo) => set({ builtTo })} />
      </div>
      {book.classes.length > 0 && (
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
              only {title || id}
            </label>
          ))}
        </div>
      )}
    </details>
  );
}

function Year({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | null;
  onChange: (year: number | null) => void;
}) {
  return (
    <TextField
      label={label}
      inputMode="numeric"
      maxLength={4}
      value={value ?? ''}
      onChange={(event) => {
        const year = Number(event.target.value);
        onChange(event.target.value.trim() === '' || !Number.isInteger(year) ? null : year);
      }}
    />
  );
}
