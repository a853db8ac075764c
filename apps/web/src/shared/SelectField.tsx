import { type SelectHTMLAttributes, useId } from 'react';

interface SelectFieldProps extends SelectHTMLAttributes<HTMLSelectElement> {
  label: string;
  options: readonly { value: string; text: string }[];
}

/** The browser's own list: it opens big on a tablet and can be driven from the keyboard. */
export function SelectField({ label, options, ...select }: SelectFieldProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="text-quiet mb-1 block text-sm">
        {label}
      </label>
      <select id={id} className="control w-full" {...select}>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </div>
  );
}
