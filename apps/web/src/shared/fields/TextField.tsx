import { type InputHTMLAttributes, useId } from 'react';
import { Labelled } from './Labelled.tsx';

interface TextFieldProps extends InputHTMLAttributes<HTMLInputElement> {
  label: string;
  fault?: string | undefined;
}

/** A line of text under its label, with what is wrong with it. */
export function TextField({ label, fault, ...input }: TextFieldProps) {
  const id = useId();
  return (
    <Labelled id={id} label={label}>
      <input
        id={id}
        autoComplete="off"
        className="control w-full"
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? `${id}-fault` : undefined}
        {...input}
      />
      {fault && (
        <div id={`${id}-fault`} className="text-out mt-0.5 text-sm font-semibold">
          {fault}
        </div>
      )}
    </Labelled>
  );
}
