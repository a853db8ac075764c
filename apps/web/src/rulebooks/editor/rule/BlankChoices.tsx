import { type CheckBlank } from '@gyrus/formats';
import { useId } from 'react';

interface ChoiceProps {
  blank: Extract<CheckBlank, { type: 'choice' }>;
  value: string;
  set: (value: unknown) => void;
}

/** One of a few words; none where a book may leave it open. */
export const Choice = ({ blank, value, set }: ChoiceProps) => (
  <select
    aria-label={blank.label}
    className="control max-w-full"
    value={value}
    onChange={(event) => set(event.target.value === '' ? null : event.target.value)}
  >
    {blank.none !== undefined && <option value="">{blank.none}</option>}
    {blank.options.map((option) => (
      <option key={option.value} value={option.value}>
        {option.text}
      </option>
    ))}
  </select>
);

interface SeveralProps {
  blank: Extract<CheckBlank, { type: 'several' }>;
  chosen: string[];
  set: (value: unknown) => void;
}

/** Some of a few words. */
export const Several = ({ blank, chosen, set }: SeveralProps) => (
  <span role="group" aria-label={blank.label} className="inline-flex flex-wrap gap-x-4">
    {blank.options.map((option) => (
      <label key={option.value} className="inline-flex min-h-10 items-center gap-2">
        <input
          type="checkbox"
          className="size-5"
          checked={chosen.includes(option.value)}
          onChange={(event) =>
            set(
              event.target.checked ? [...chosen, option.value] : chosen.filter((one) => one !== option.value),
            )
          }
        />
        {option.text}
      </label>
    ))}
  </span>
);

interface TextProps {
  blank: Extract<CheckBlank, { type: 'text' }>;
  value: string;
  set: (value: unknown) => void;
}

/** A text of the book. */
export function Text({ blank, value, set }: TextProps) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="sr-only">
        {blank.label}
      </label>
      <input
        id={id}
        className={`control ${blank.short ? 'w-24 text-center' : 'w-full'}`}
        maxLength={blank.short ? 60 : 4000}
        value={value}
        placeholder={blank.optional ? 'open' : blank.example}
        onChange={(event) => set(event.target.value === '' && blank.optional ? null : event.target.value)}
      />
    </>
  );
}
