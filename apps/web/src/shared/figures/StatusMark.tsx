import { type Status } from '@gyrus/core';

const SHAPES: Record<Status, React.ReactNode> = {
  clear: <circle cx="8" cy="8" r="5.5" fill="currentColor" />,
  look: <path d="M8 1.5 14.5 8 8 14.5 1.5 8Z" fill="none" stroke="currentColor" strokeWidth="2" />,
  out: (
    <g fill="none" stroke="currentColor" strokeWidth="2">
      <rect x="2" y="2" width="12" height="12" />
      <path d="M2 8h12" />
    </g>
  ),
  ask: <circle cx="8" cy="8" r="5.5" fill="none" stroke="currentColor" strokeWidth="2" />,
};
const COLOURS: Record<Status, string> = {
  clear: 'text-clear',
  look: 'text-look',
  out: 'text-out',
  ask: 'text-ask',
};

/** Status is a word and a shape before it is a colour. */
export function StatusMark({ status, word = status }: { status: Status; word?: string }) {
  return (
    <span className={`inline-flex items-baseline gap-1.5 font-semibold ${COLOURS[status]}`}>
      <svg viewBox="0 0 16 16" className="size-3.5 shrink-0 translate-y-0.5" aria-hidden="true">
        {SHAPES[status]}
      </svg>
      {word}
    </span>
  );
}
