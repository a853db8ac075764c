import { allBelow, type Attachment, type Bar, EMPTY_SHOP, referencesOf, waysOf } from '@gyrus/core';
import { at as placeAt } from '../../../job/fields/fresh.ts';
import { isOpen, openDoc, usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { proposeAway } from '../../../answers/away.ts';
import { useShop } from '../../../shared/server/queries.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';

type End = 'a' | 'b';

/** A bar that stands on itself at some remove: each end that closes the loop may stand at a point of its own instead. */
export function OutOfLoop({ bar }: { bar: Bar }) {
  const plan = usePlan();
  const { members } = plan;
  const shop = useShop().data ?? EMPTY_SHOP;
  const change = usePlanStore((state) => state.change);
  const closes = (id: string): boolean => {
    const member = members.find((one) => one.id === id);
    return id === bar.id || (member !== undefined && allBelow(member, members).has(bar.id));
  };
  const ends = (['a', 'b'] as const).filter((end) => referencesOf(bar.ends[end]).some(closes));
  const splits = bar.crossings.filter(({ goes, member }) => goes === 'split' && closes(member));
  if (ends.length === 0 && splits.length === 0) return null;
  /** Where such a bar usually ends, if that is a point; beside the car's middle where it is not. */
  const pointOf = async (end: End): Promise<Attachment> => {
    const without = { ...plan, members: members.filter(({ id }) => id !== bar.id) };
    const proposed = await proposeAway(without, shop, bar.role, waysOf(bar.role)[0] ?? '').catch(() => null);
    const usual = proposed && 'bars' in proposed ? proposed.bars[0]?.ends[end] : undefined;
    return usual?.kind === 'point' ? usual : { kind: 'point', at: placeAt(0, 400, 500) };
  };
  const free = async (end: End) => {
    const doc = openDoc();
    const point = await pointOf(end);
    if (!doc || !isOpen(doc)) return;
    change(`members/${bar.id}/ends/${end}/loop`, (draft) => {
      const found = draft.members.find(({ id }) => id === bar.id);
      if (found && found.role !== 'main-hoop') found.ends[end] = point;
    });
  };
  return (
    <section aria-label="Out of the loop" className="border-look rounded-machined space-y-2 border-2 p-3">
      <p>
        <StatusMark status="out" /> This bar stands on itself, at one remove or another, and has no place. Let
        it end somewhere else.
      </p>
      {ends.map((end) => (
        <Button key={end} onClick={() => void free(end)}>
          End {end.toUpperCase()} at a point of its own
        </Button>
      ))}
      {splits.length > 0 && (
        <p>It is also split by what stands on it: take the tick out under splits, below.</p>
      )}
    </section>
  );
}
