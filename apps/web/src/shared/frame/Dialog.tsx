import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { createContext, type ReactNode, useContext, useRef, useState } from 'react';
import { Button } from './Button.tsx';
import { useFirstField } from './dialogFocus.ts';

interface DialogProps {
  title: string;
  open: boolean;
  /** null where there is no way out but an answer. */
  onClose: (() => void) | null;
  children: ReactNode;
  wide?: boolean;
  /** What is typed in it is kept with every key, so that closing it loses nothing. */
  kept?: boolean;
}

const Kept = createContext<() => void>(() => undefined);

/** Says to the dialog around that what was typed in it is kept now, so that closing it loses nothing, and goes on with `done`. */
export function useKeptThen(done: () => void): () => void {
  const typedIsKept = useContext(Kept);
  return () => {
    typedIsKept();
    done();
  };
}

/** A dialog that asks before what was typed in it is thrown away: by Escape, by a press beside it, by its cross. */
export const Dialog = ({ open, ...rest }: DialogProps) => (open ? <OpenDialog {...rest} /> : null);

function OpenDialog({ title, onClose, children, wide = false, kept = false }: Omit<DialogProps, 'open'>) {
  const [typed, setTyped] = useState(false);
  const [asking, setAsking] = useState(false);
  // Whatever opened it has the focus again when it is closed.
  const [opener] = useState(() => document.activeElement);
  const leave = () => (typed && !kept ? setAsking(true) : onClose?.());
  return (
    <Radix.Root open onOpenChange={(next) => !next && leave()}>
      <Radix.Portal>
        <Radix.Overlay className="bg-ink/50 fixed inset-0" />
        <Radix.Content
          aria-describedby={undefined}
          onInput={() => setTyped(true)}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (opener instanceof HTMLElement) opener.focus();
          }}
          className={`bg-sheet border-ink rounded-machined fixed top-1/2 left-1/2 max-h-[92vh] -translate-x-1/2 -translate-y-1/2 overflow-auto border p-5 ${wide ? 'w-[min(900px,94vw)]' : 'w-[min(560px,94vw)]'}`}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Radix.Title className="text-xl">{title}</Radix.Title>
            {onClose && (
              <Radix.Close aria-label="Close" className="min-h-10 min-w-10 p-2">
                <X aria-hidden="true" className="size-5" />
              </Radix.Close>
            )}
          </div>
          {asking && onClose && <ThrowAway onThrow={onClose} onStay={() => setAsking(false)} />}
          <Kept value={() => setTyped(false)}>
            <Body>{children}</Body>
          </Kept>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

function Body({ children }: { children: ReactNode }) {
  const body = useRef<HTMLDivElement>(null);
  useFirstField(body);
  return <div ref={body}>{children}</div>;
}

const ThrowAway = ({ onThrow, onStay }: { onThrow: () => void; onStay: () => void }) => (
  <div role="alert" className="border-look mb-4 flex flex-wrap items-center gap-3 border-2 bg-white p-3">
    <p className="flex-1 font-semibold">What you typed here is not kept yet. Throw it away?</p>
    <Button autoFocus onClick={onStay}>
      Go on typing
    </Button>
    <Button kind="danger" onClick={onThrow}>
      Throw it away
    </Button>
  </div>
);
