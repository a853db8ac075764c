import { type BarShape } from '@gyrus/core';
import { ClipboardPaste } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Button } from '../../../shared/frame/Button.tsx';

type Shape = Extract<BarShape, { kind: 'take-off' | 'through' }>;

/** The dialog brings the reader of lists with it: it comes when it is asked for. */
const TakeOffDialog = lazy(async () => ({ default: (await import('./TakeOffDialog.tsx')).TakeOffDialog }));

/** Opens the list of bends or corners to paste. */
export function TakeOffImport({ shape, onRead }: { shape: Shape; onRead: (shape: Shape) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <ClipboardPaste aria-hidden="true" className="size-5" />
        paste or read a list
      </Button>
      {open && (
        <Suspense fallback={null}>
          <TakeOffDialog shape={shape} onRead={onRead} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
