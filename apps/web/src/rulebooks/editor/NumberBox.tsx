import { useState } from 'react';
import { type NumberLimits, numberOr } from './draft/typedNumber.ts';

interface NumberBoxProps extends NumberLimits {
  id?: string;
  label?: string;
  /** A text is what was typed where no number could be read from it. */
  value: number | string | null;
  set: (value: number | string | null) => void;
  placeholder?: string;
  className: string;
}

/** A plain number of a book. What is no number stays as it was typed, and is a fault of the book. */
export function NumberBox({ id, label, value, set, placeholder, className, ...limits }: NumberBoxProps) {
  // While it is typed in, `3.` is not made 3 under the typing hand.
  const [draft, setDraft] = useState<string | null>(null);
  const { least, most, whole, shown = 1 } = limits;
  const stands = typeof value === 'number' ? String(Number((value * shown).toFixed(6))) : (value ?? '');
  return (
    <input
      id={id}
      aria-label={label}
      aria-invalid={typeof value === 'string' ? true : undefined}
      title={`${whole ? 'a whole number' : 'a number'} from ${least * shown} to ${most * shown}`}
      className={className}
      inputMode="decimal"
      autoComplete="off"
      placeholder={placeholder}
      value={draft ?? stands}
      onChange={(event) => {
        const text = event.target.value;
        setDraft(text);
        set(numberOr(text, limits));
      }}
      onBlur={() => setDraft(null)}
    />
  );
}
