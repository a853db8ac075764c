import { type SelectHTMLAttributes, useId } from 'react';
import { Labelled } from './Labelled.tsx';

interface SelectFieldProps extends SelectHTMLAttributes<HTMLSelectElement> {
  label: string;
  options: readonly { value: string; text: string }[];
}

/** The browser's own list: it opens big on a tablet and can be driven from the keyboard. */
export function SelectField({ label, options, ...select }: SelectFieldProps) {
  const own = useId();
  const id = select.id ?? own;
  return (
    <Labelled id={id} label={label}>
      <select className="control w-full" {...select} id={id}>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </Labelled>
  );
}
