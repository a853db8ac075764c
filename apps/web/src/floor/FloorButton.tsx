import { type ButtonHTMLAttributes } from 'react';

const KINDS = {
  /** What is to be done now; one a screen. */
  now: 'bg-chalk text-ink border-chalk',
  plain: 'bg-steel-deep text-white border-[#6f79d8]',
};

interface FloorButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  kind?: keyof typeof KINDS;
}

/** 64 px at least, for one hand in a glove. */
export const FloorButton = ({ kind = 'plain', className = '', ...rest }: FloorButtonProps) => (
  <button
    type="button"
    className={`rounded-machined inline-flex min-h-16 min-w-16 items-center justify-center gap-3 border-2 px-6 py-2 text-2xl font-semibold disabled:opacity-50 ${KINDS[kind]} ${className}`}
    {...rest}
  />
);
