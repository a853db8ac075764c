import { type Rule } from '@gyrus/core';
import { ArrowDown, ArrowUp, Copy, Trash2 } from 'lucide-react';
import { newId } from '../../../job/fields/fresh.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { useBookDraft } from '../draft/useBookDraft.ts';
import { TakeOut } from '../TakeOut.tsx';

/** What can be done with a whole rule: copied, moved, taken out. */
export function RuleButtons({ rule, at }: { rule: Rule; at: number }) {
  const { book, edit } = useBookDraft();
  const last = book.rules.length - 1;
  const name = `rule ${at + 1}`;
  const move = (by: 1 | -1) =>
    edit(({ rules }) => {
      const [own] = rules.splice(at, 1);
      if (own) rules.splice(at + by, 0, own);
    });
  return (
    <div className="flex items-end gap-1">
      <Button
        aria-label={`Copy ${name}`}
        title="Copy"
        onClick={() => edit(({ rules }) => void rules.splice(at + 1, 0, { ...rule, id: newId() }))}
      >
        <Copy aria-hidden="true" className="size-4" />
      </Button>
      <Button aria-label={`Move ${name} up`} title="Move up" disabled={at === 0} onClick={() => move(-1)}>
        <ArrowUp aria-hidden="true" className="size-4" />
      </Button>
      <Button
        aria-label={`Move ${name} down`}
        title="Move down"
        disabled={at === last}
        onClick={() => move(1)}
      >
        <ArrowDown aria-hidden="true" className="size-4" />
      </Button>
      <TakeOut
        what={`${name}${rule.clause.trim() ? `, clause ${rule.clause.trim()}` : ''}`}
        label={`Take out ${name}`}
        take={() => {
          edit(({ rules }) => void rules.splice(at, 1));
          return () => edit(({ rules }) => void rules.splice(at, 0, rule));
        }}
      >
        <Trash2 aria-hidden="true" className="size-4" />
      </TakeOut>
    </div>
  );
}
