import { type ButtonHTMLAttributes } from 'react';

const KINDS = {
  plain: 'border border-edge bg-sheet text-ink hover:bg-white',
  strong: 'border border-ink bg-ink text-white hover:bg-steel-deep',
  danger: 'border border-out bg-sheet text-out hover:bg-white',
  quiet: 'border border-transparent text-ink underline underline-offset-2 hover:bg-sheet2',
};

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  kind?: keyof typeof KINDS;
}

/** 40 px high at least: it is pressed with gloves. */
export function Button({ kind = 'plain', className = '', type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`rounded-machined inline-flex min-h-10 items-center justify-center gap-2 px-3.5 font-semibold disabled:opacity-55 ${KINDS[kind]} ${className}`}
      {...rest}
    />
  );
}
