import { type ReactNode, useState } from 'react';
import { toast } from '../../shared/frame/toast.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';

interface TakeOutProps {
  /** What is taken out, as the question and the note after it name it: `rule 3, clause C 5.6`. */
  what: string;
  /** For those who cannot see the picture on the button. */
  label?: string;
  kind?: 'plain' | 'danger';
  children: ReactNode;
  /** Takes it out, and gives back what puts it in again. */
  take: () => () => void;
  question?: ReactNode;
  answer?: string;
}

/** A button that asks before something of a book goes, and says how to have it back. */
export function TakeOut({ what, label, kind = 'plain', children, take, question, answer }: TakeOutProps) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button kind={kind} aria-label={label} onClick={() => setAsking(true)}>
        {children}
      </Button>
      <Dialog title={`Take out ${what}?`} open={asking} onClose={() => setAsking(false)} kept>
        {question}
        <div className="flex flex-wrap gap-3">
          <Button
            kind="danger"
            onClick={() => {
              setAsking(false);
              tellTaken(what, take());
            }}
          >
            {answer ?? 'Take it out'}
          </Button>
          <Button autoFocus onClick={() => setAsking(false)}>
            Keep it
          </Button>
        </div>
      </Dialog>
    </>
  );
}

/** A note that something went, with the way back. */
const tellTaken = (what: string, undo: () => void): void =>
  void toast.message(`Taken out: ${what}`, { action: { label: 'Undo', onClick: undo }, duration: 20_000 });
