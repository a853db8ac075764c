import { type TermKey } from '@gyrus/formats';
import { Popover } from 'radix-ui';
import { type RefObject } from 'react';
import { TermHelp } from './TermHelp.tsx';

interface TermPopoverProps {
  of: TermKey;
  /** The word that it is the help of. */
  word: RefObject<HTMLElement>;
  onClose: () => void;
}

/** The help of a word beside it. It takes no focus: whoever reads on is where they were. */
export const TermPopover = ({ of, word, onClose }: TermPopoverProps) => (
  <Popover.Root open onOpenChange={onClose}>
    <Popover.Anchor virtualRef={word} />
    <Popover.Portal>
      <Popover.Content
        side="bottom"
        align="start"
        sideOffset={6}
        collisionPadding={12}
        onOpenAutoFocus={(event) => event.preventDefault()}
        onCloseAutoFocus={(event) => event.preventDefault()}
        onInteractOutside={(event) => {
          // A press on the word closes it itself.
          if (event.target instanceof Node && word.current.contains(event.target)) event.preventDefault();
        }}
        className="bg-sheet border-ink rounded-machined z-30 w-80 max-w-[92vw] border p-3"
      >
        <TermHelp of={of} />
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
);
