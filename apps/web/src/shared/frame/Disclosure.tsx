import { ChevronRight } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { type ReactNode } from 'react';

interface DisclosureProps {
  summary: ReactNode;
  children: ReactNode;
  /** Open to begin with; opened and closed by hand alone. */
  defaultOpen?: boolean;
  className?: string;
  summaryClassName?: string;
}

/** What is a press away: a line that says what there is, and what it opens. */
export const Disclosure = ({
  summary,
  children,
  defaultOpen = false,
  className = '',
  summaryClassName = 'min-h-10 font-semibold',
}: DisclosureProps) => (
  <Collapsible.Root role="group" defaultOpen={defaultOpen} className={className}>
    <Collapsible.Trigger
      className={`group flex w-full cursor-pointer items-center gap-1.5 text-left ${summaryClassName}`}
    >
      <ChevronRight
        aria-hidden="true"
        className="size-4 shrink-0 transition-transform group-data-[state=open]:rotate-90"
      />
      {summary}
    </Collapsible.Trigger>
    <Collapsible.Content>{children}</Collapsible.Content>
  </Collapsible.Root>
);
