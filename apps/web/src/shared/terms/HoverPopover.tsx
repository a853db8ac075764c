import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';

interface HoverPopoverProps {
  trigger: ReactNode;
  content: ReactNode;
}

/** Something in the text that shows more beside it: while a mouse is on it or it has the focus, and on a tap. */
export function HoverPopover({ trigger, content }: HoverPopoverProps) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className="min-h-6 cursor-help underline decoration-dotted underline-offset-4"
        onPointerEnter={(event) => event.pointerType === 'mouse' && setOpen(true)}
        onPointerLeave={(event) => event.pointerType === 'mouse' && setOpen(false)}
        onFocus={(event) => event.target.matches(':focus-visible') && setOpen(true)}
        onBlur={() => setOpen(false)}
      >
        {trigger}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="bottom"
          align="start"
          sideOffset={6}
          collisionPadding={12}
          onOpenAutoFocus={(event) => event.preventDefault()}
          onCloseAutoFocus={(event) => event.preventDefault()}
          className="bg-sheet border-ink rounded-machined z-30 w-80 max-w-[92vw] border p-3"
        >
          {content}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
