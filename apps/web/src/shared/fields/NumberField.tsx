import { useState } from 'react';
import { TextField } from './TextField.tsx';

interface NumberFieldProps {
  label: string;
  value: number;
  low: number;
  high: number;
  onChange: (value: number) => void;
}

/** A plain number within limits; says so where it is not. */
export function NumberField({ label, value, low, high, onChange }: NumberFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? String(Number(value.toFixed(4)));
  const number = text.trim() === '' ? Number.NaN : Number(text);
  const fault = number >= low && number <= high ? undefined : `a number from ${low} to ${high}`;
  return (
    <TextField
      label={label}
      value={text}
      inputMode="decimal"
      fault={fault}
      onChange={(event) => {
        setDraft(event.target.value);
        const next = Number(event.target.value);
        if (event.target.value.trim() !== '' && next >= low && next <= high) onChange(next);
      }}
      onBlur={() => setDraft(null)}
    />
  );
}
