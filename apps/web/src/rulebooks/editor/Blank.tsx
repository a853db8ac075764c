import { type Angle, type Length, type RuleCheck } from '@gyrus/core';
import { type CheckBlank } from '@gyrus/formats';
import { useId, useState } from 'react';
import { QuantityInput, type QuantityKind } from '../../shared/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../shared/quantityKinds.ts';
import { useBookDraft } from './useBookDraft.ts';

interface BlankProps {
  blank: CheckBlank;
  check: RuleCheck;
  set: (value: unknown) => void;
}

/** A blank in a check's sentence, as wide as what goes in. */
export function Blank({ blank, check, set }: BlankProps) {
  const { unit } = useBookDraft();
  const id = useId();
  const value = (check as Record<string, unknown>)[blank.at];
  switch (blank.type) {
    case 'angle':
      return (
        <QuantityBlank
          {...{ blank, set }}
          kind={angleKind(blank)}
          value={(value ?? null) as Angle | null}
          width="w-24"
        />
      );
    case 'length':
      return (
        <QuantityBlank
          {...{ blank, set }}
          kind={lengthKind(
            { unit, fraction: 64, decimals: 1 },
            { least: 0, ...(blank.above === undefined ? {} : { above: blank.above }) },
          )}
          value={(value ?? null) as Length | null}
          width="w-32"
        />
      );
    case 'number':
      return <NumberBlank blank={blank} value={typeof value === 'number' ? value : null} set={set} />;
    case 'choice':
      return (
        <select
          aria-label={blank.label}
          className="control"
          value={typeof value === 'string' ? value : ''}
          onChange={(event) => set(event.target.value)}
        >
          {blank.options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.text}
            </option>
          ))}
        </select>
      );
    case 'several': {
      const chosen = Array.isArray(value) ? (value as string[]) : [];
      return (
        <span role="group" aria-label={blank.label} className="inline-flex flex-wrap gap-x-4">
          {blank.options.map((option) => (
            <label key={option.value} className="inline-flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={chosen.includes(option.value)}
                onChange={(event) =>
                  set(
                    event.target.checked
                      ? [...chosen, option.value]
                      : chosen.filter((one) => one !== option.value),
                  )
                }
              />
              {option.text}
            </label>
          ))}
        </span>
      );
    }
    case 'text':
      return (
        <>
          <label htmlFor={id} className="sr-only">
            {blank.label}
          </label>
          <input
            id={id}
            className="control w-full"
            maxLength={4000}
            value={typeof value === 'string' ? value : ''}
            placeholder="Inspection hole drilled where the inspector can see it?"
            onChange={(event) => set(event.target.value)}
          />
        </>
      );
  }
}

interface QuantityBlankProps<Q extends { typed: string }> {
  blank: CheckBlank;
  kind: QuantityKind<Q>;
  value: Q | null;
  set: (value: Q | null) => void;
  width: string;
}

/** A length or an angle; half a number is none, so that the book never keeps the one before it unseen. */
function QuantityBlank<Q extends { typed: string }>({
  blank,
  kind,
  value,
  set,
  width,
}: QuantityBlankProps<Q>) {
  const [pending, setPending] = useState<string>();
  return (
    <span className={`inline-block ${width}`}>
      <QuantityInput
        bare
        label={blank.label}
        kind={kind}
        value={value}
        optional={blank.optional ?? false}
        placeholder={blank.optional ? 'open' : kind.example}
        pending={pending}
        onPending={(text) => {
          setPending(text);
          if (text !== undefined) set(null);
        }}
        onChange={set}
      />
    </span>
  );
}

interface NumberBlankProps {
  blank: Extract<CheckBlank, { type: 'number' }>;
  value: number | null;
  set: (value: number | null) => void;
}

/** A plain number, or a share as percent. */
function NumberBlank({ blank, value, set }: NumberBlankProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const shown = blank.shown ?? 1;
  const text = draft ?? (value === null ? '' : String(Number((value * shown).toFixed(6))));
  const number = text.trim() === '' ? NaN : Number(text) / shown;
  const fits = number >= blank.least && number <= blank.most && (!blank.whole || Number.isInteger(number));
  const wrong = !fits && !(text.trim() === '' && blank.optional);
  return (
    <input
      aria-label={blank.label}
      aria-invalid={wrong ? true : undefined}
      title={`${blank.whole ? 'a whole number' : 'a number'} from ${blank.least * shown} to ${blank.most * shown}`}
      className="control figure w-20 text-center text-lg font-semibold"
      inputMode="decimal"
      autoComplete="off"
      placeholder={blank.optional ? 'open' : ''}
      value={text}
      onChange={(event) => {
        const next = event.target.value;
        setDraft(next);
        const given = Number(next) / shown;
        const good =
          next.trim() !== '' &&
          given >= blank.least &&
          given <= blank.most &&
          (!blank.whole || Number.isInteger(given));
        set(good ? given : null);
      }}
      onBlur={() => setDraft(null)}
    />
  );
}
