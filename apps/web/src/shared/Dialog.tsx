import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { type ReactNode } from 'react';

interface DialogProps {
  title: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
  wide?: boolean;
}

export function Dialog({ title, open, onClose, children, wide = false }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="bg-ink/50 fixed inset-0" />
        <Radix.Content
          aria-describedby={undefined}
          className={`bg-sheet border-ink rounded-machined fixed top-1/2 left-1/2 max-h-[92vh] -translate-x-1/2 -translate-y-1/2 overflow-auto border p-5 ${wide ? 'w-[min(900px,94vw)]' : 'w-[min(560px,94vw)]'}`}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Radix.Title className="text-xl">{title}</Radix.Title>
            <Radix.Close aria-label="Close" className="min-h-10 min-w-10 p-2">
              <X aria-hidden="true" className="size-5" />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
