import { seatedDrivers } from '@gyrus/core';
import { useState } from 'react';
import { newId } from '../../job/fields/fresh.ts';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { TextField } from '../../shared/fields/TextField.tsx';

interface DateFieldProps {
  label: string;
  date: string | null;
  onChange: (date: string | null) => void;
}

/** A day, or none. */
export const DateField = ({ label, date, onChange }: DateFieldProps) => (
  <TextField
    label={label}
    type="date"
    value={date ?? ''}
    onChange={(event) => onChange(event.target.value || null)}
  />
);

/** A whole year, or none. */
export function YearField({
  year,
  onChange,
}: {
  year: number | null;
  onChange: (year: number | null) => void;
}) {
  const [draft, setDraft] = useState(year === null ? '' : String(year));
  const number = Number(draft);
  const sound = draft === '' || (Number.isInteger(number) && number >= 1900 && number <= 2200);
  return (
    <TextField
      label="year of the car, where a book goes by it"
      inputMode="numeric"
      value={draft}
      fault={sound ? undefined : 'a year such as 1996'}
      onChange={(event) => {
        setDraft(event.target.value);
        const next = Number(event.target.value);
        if (event.target.value === '') onChange(null);
        else if (Number.isInteger(next) && next >= 1900 && next <= 2200) onChange(next);
      }}
    />
  );
}

/**
 * Names with commas between: each key is kept, an unfinished comma while it is typed; who is named is seated when the box is left.
 */
export function DriversField() {
  const { drivers } = usePlan().brief;
  const change = usePlanStore((state) => state.change);
  const [typing, setTyping] = useState<{ text: string; before: string[] } | null>(null);
  const type = (text: string) => {
    setTyping({ text, before: typing?.before ?? drivers });
    change('brief/drivers', (plan) => void (plan.brief.drivers = namesIn(text)));
  };
  const seat = () => {
    setTyping(null);
    if (typing === null) return;
    change('brief/drivers', (plan) => {
      const before = { brief: { ...plan.brief, drivers: typing.before }, occupants: plan.occupants };
      plan.occupants = seatedDrivers(before, plan.brief.drivers, newId);
    });
  };
  return (
    <TextField
      label="drivers, with commas between"
      value={typing?.text ?? drivers.join(', ')}
      onChange={(event) => type(event.target.value)}
      onBlur={seat}
    />
  );
}

const namesIn = (text: string): string[] =>
  text
    .split(',')
    .map((name) => name.trim().slice(0, 120))
    .filter(Boolean)
    .slice(0, 20);

/** What else there is to know. */
export function NotesField({ notes, onChange }: { notes: string; onChange: (notes: string) => void }) {
  return (
    <label className="block">
      <span className="text-quiet mb-1 block text-sm">notes</span>
      <textarea
        className="control w-full"
        rows={3}
        maxLength={4000}
        value={notes}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
