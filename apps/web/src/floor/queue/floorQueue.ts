import { type FloorTick, type FloorTickDto, type RackTubesDto, type ScrapDto } from '@gyrus/contract';
import { create } from 'zustand';
import { dropText, keepText, keptKeys, keptText } from '../../shared/server/browserStore.ts';

/** How far something done at the bender has come: kept here, there, or not taken and why. */
export type Fate =
  | { at: 'waiting' }
  | { at: 'sent' }
  /** Another device ticked the same step before. */
  | { at: 'clash'; with: FloorTick }
  | { at: 'refused'; why: string };

/** Something done at the bender, kept on this device until the server has it. */
export type QueuedItem = { id: string; seq: number; issued: string; fate: Fate } & (
  | { kind: 'tick'; body: FloorTickDto }
  | { kind: 'scrap'; body: ScrapDto }
  | { kind: 'rack'; body: RackTubesDto }
);

const PREFIX = 'gyrus-floor/queue/';
/** Zero-filled, so that keys stand in the order in which things were done. */
const keyOf = ({ seq, id }: Pick<QueuedItem, 'seq' | 'id'>): string =>
  `${PREFIX}${String(seq).padStart(9, '0')}/${id}`;

/** What was done on this device, in the order in which it was done. */
export const useFloorQueue = create<{ items: QueuedItem[] }>()(() => ({ items: readItems() }));

function readItems(): QueuedItem[] {
  return keptKeys(PREFIX)
    .sort()
    .flatMap((key) => {
      try {
        return [JSON.parse(keptText(key) ?? '') as QueuedItem];
      } catch {
        // What is no JSON was put there by nothing of ours.
        return [];
      }
    });
}

/** Another tab of this device did something. */
export function followOtherTabs(): () => void {
  const reread = (event: StorageEvent) => {
    if (event.key === null || event.key.startsWith(PREFIX)) useFloorQueue.setState({ items: readItems() });
  };
  window.addEventListener('storage', reread);
  return () => window.removeEventListener('storage', reread);
}

type New<T> = T extends unknown ? Omit<T, 'id' | 'seq' | 'fate'> : never;

/** Keeps something that was done, to be sent. */
export function enqueue(done: New<QueuedItem>): void {
  // Other tabs of this device count on from what is kept, and not from what this one has read.
  const seq = Math.max(0, ...readItems().map((item) => item.seq)) + 1;
  const item = { ...done, id: crypto.randomUUID(), seq, fate: { at: 'waiting' } } as QueuedItem;
  keepText(keyOf(item), JSON.stringify(item));
  useFloorQueue.setState(({ items }) => ({ items: [...items, item] }));
}

/** Says what became of an item. */
export function settle(id: string, fate: Fate): void {
  useFloorQueue.setState(({ items }) => ({
    items: items.map((item) => {
      if (item.id !== id) return item;
      const settled = { ...item, fate };
      keepText(keyOf(settled), JSON.stringify(settled));
      return settled;
    }),
  }));
}

/** Lets go of items: the server has them, or their time is over. */
export function letGo(gone: (item: QueuedItem) => boolean): void {
  const { items } = useFloorQueue.getState();
  const out = items.filter(gone);
  if (out.length === 0) return;
  for (const item of out) dropText(keyOf(item));
  useFloorQueue.setState({ items: items.filter((item) => !gone(item)) });
}
