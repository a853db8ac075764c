import { isAssumed, type Known, type Outcome } from '@gyrus/core';
import equal from 'fast-deep-equal';
import { type ReactNode, useId, useRef, useState } from 'react';
import { Typeset } from '../figures/Figure.tsx';

/** How one kind of quantity is read and shown; lengths, angles and masses have their own. */
export interface QuantityKind<Q extends Knowable> {
  parse: (text: string) => Outcome<Q>;
  /** What stands in the field for a value that is not being typed. */
  shown: (value: Q) => string;
  /** How it was understood, `41 1/4 in · 1047.8 mm`. */
  understood: (value: Q) => string;
  example: string;
  /** A question about a value that is taken and seldom right; null for a usual one. */
  doubt?: (value: Q) => string | null;
}

/** A figure that says of itself that the program put it in. */
export type Knowable = { typed: string; known?: Known };

/** What a box for a quantity is given. */
export interface QuantityInputProps<Q extends Knowable> {
  label: string;
  kind: QuantityKind<Q>;
  value: Q | null;
  onChange: (value: Q | null) => void;
  /** Text that could not be read yet, kept outside so that it outlives the page. */
  pending?: string | undefined;
  onPending?: (text: string | undefined) => void;
  onFocus?: () => void;
  /** A fault from elsewhere, such as a form's check. */
  fault?: string | undefined;
  /** Only the box, as on a picture; the label is for those who can't see it. */
  bare?: boolean;
  optional?: boolean;
  /** The answers wait for it: a bare box is left plainly empty. */
  needed?: boolean;
  /** What holds while the field is empty. */
  placeholder?: string;
  inputId?: string | undefined;
  /** What a doubtful value may have been meant as: told in words, and taken by a press. */
  meant?: { words: (value: Q) => string; take: (value: Q) => void } | undefined;
}

/** A quantity typed as people write it. It says how it understood, keeps what was typed, and never loses half a number. */
export function QuantityInput<Q extends Knowable>(props: QuantityInputProps<Q>) {
  const { label, kind, value, bare = false } = props;
  const ownId = useId();
  const id = props.inputId ?? ownId;
  const typed = useTyped(props);
  const { text, problem, doubt } = typed;
  const assumed = value !== null && !typed.isTyping && isAssumed(value);
  const [messageId, assumedId] = [`${id}-says`, `${id}-assumed`];
  return (
    <div className={bare ? 'relative' : ''}>
      <div className={bare ? 'sr-only' : 'mb-1 text-sm'}>
        <label htmlFor={id} className="text-quiet">
          {label}
        </label>
        {assumed && (
          <span id={assumedId} className="text-look font-semibold">
            {' '}
            assumed
          </span>
        )}
      </div>
      <input
        id={id}
        className={`control figure w-full font-semibold ${bare ? 'text-center text-lg' : 'text-lg'} ${assumed ? 'control-assumed' : ''}`}
        value={text}
        inputMode="text"
        autoComplete="off"
        aria-invalid={problem ? true : undefined}
        aria-describedby={assumed ? `${assumedId} ${messageId}` : messageId}
        placeholder={props.placeholder ?? (bare ? (props.needed ? '' : '–') : kind.example)}
        onChange={(event) => typed.type(event.target.value)}
        onFocus={() => {
          typed.begin();
          props.onFocus?.();
        }}
        onBlur={typed.end}
      />
      <Says id={messageId} tone={problem ? 'out' : doubt ? 'look' : 'quiet'} bare={bare}>
        {problem ?? (value && typed.isRead ? <Typeset text={doubt ?? kind.understood(value)} /> : '')}
        {doubt && value && props.meant && (
          <button
            type="button"
            className="block min-h-8 text-left underline"
            onClick={() => props.meant?.take(value)}
          >
            <Typeset text={props.meant.words(value)} />
          </button>
        )}
      </Says>
    </div>
  );
}

/** What stands in the box while it is typed in, what is read from it, and what is wrong or doubtful with that. */
function useTyped<Q extends Knowable>(props: QuantityInputProps<Q>) {
  const { kind, value, onChange, pending, onPending, fault, optional = false } = props;
  const [draft, setDraft] = useState<{ text: string; of: Q | null } | null>(null);
  // A value changed from elsewhere (undo, the other unit) ends the draft.
  const current = draft && equal(draft.of, value) ? draft.text : undefined;
  const text = current ?? pending ?? (value ? kind.shown(value) : '');
  const read = text.trim() === '' ? null : kind.parse(text);
  const problem = read && !read.ok ? read.fault.message : fault;
  const before = useRef(value);
  const type = (next: string) => {
    const isEmpty = next.trim() === '';
    const result = isEmpty ? null : kind.parse(next);
    const accepted = result?.ok ? result.value : null;
    const emptied = isEmpty && optional;
    // `26 3/` is no figure yet, and the 26 on the way there was none either: what stood before stands until it is one.
    const stands = accepted ?? (emptied ? null : before.current);
    setDraft({ text: next, of: stands });
    if (accepted || emptied || ((stands !== null || optional) && !equal(stands, value))) onChange(stands);
    onPending?.(result && !result.ok ? next : isEmpty && !optional ? '' : undefined);
  };
  return {
    text,
    problem,
    doubt: !problem && value && read?.ok ? (kind.doubt?.(value) ?? null) : null,
    isTyping: current !== undefined,
    isRead: read !== null,
    type,
    begin: () => void (before.current = value),
    end: () => setDraft(null),
  };
}

type Tone = 'out' | 'look' | 'quiet';

const TONES: Record<Tone, string> = {
  out: 'text-out font-semibold',
  look: 'text-look font-semibold',
  quiet: 'text-quiet',
};
const BARE: Record<Tone, string> = {
  out: 'bg-sheet rounded-machined absolute top-full left-0 z-10 mt-1 w-52 border p-1.5 border-out',
  look: 'bg-sheet rounded-machined absolute top-full left-0 z-10 mt-1 w-52 border p-1.5 border-look',
  quiet: 'sr-only',
};

interface SaysProps {
  id: string;
  tone: Tone;
  bare: boolean;
  children: ReactNode;
}

/** How a box understood, or what is wrong with it; under a bare box only where something is. */
const Says = ({ id, tone, bare, children }: SaysProps) => (
  <div
    id={id}
    data-says={tone === 'quiet' ? undefined : true}
    className={`text-sm ${TONES[tone]} ${bare ? BARE[tone] : 'mt-0.5 min-h-5'}`}
  >
    {children}
  </div>
);
