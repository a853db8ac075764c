import { type FloorTick } from '@gyrus/contract';
import { recordOf } from '@gyrus/core';
import { api, ApiFault } from '../../shared/server/api.ts';
import { type Fate, type QueuedItem, settle, useFloorQueue } from './floorQueue.ts';

/** One tab of a device sends at a time. */
const LOCK = 'gyrus-floor-sending';

/**
 * Sends what waits, one after the other in the order in which it was done, until all is there or nobody answers. What is sent again after
 * a lost answer has its id, so that the server has it once.
 */
export const sendWaiting = (): Promise<void> =>
  navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
    if (!lock) return;
    for (let next = firstWaiting(); next; next = firstWaiting()) {
      const fate = await fateOf(next);
      if (!fate) return;
      settle(next.id, fate);
    }
  });

const firstWaiting = (): QueuedItem | undefined =>
  useFloorQueue.getState().items.find(({ fate }) => fate.at === 'waiting');

/** Each is kept once, however often it is sent: under its own id, a piece of tube under the piece's. */
const send = (item: QueuedItem): Promise<unknown> =>
  item.kind === 'rack'
    ? api('rack', 'POST', item.body)
    : api(
        item.kind === 'tick' ? `issued/${item.issued}/ticks/${item.id}` : `log/scrap/${item.id}`,
        'PUT',
        item.body,
      );

/** What became of an item that was sent; null where nobody answered, or the server is in trouble, and it is to be sent again. */
async function fateOf(item: QueuedItem): Promise<Fate | null> {
  try {
    await send(item);
    return { at: 'sent' };
  } catch (error) {
    if (!(error instanceof ApiFault) || error.status >= 500) return null;
    const tick = recordOf(error.body).tick as FloorTick | undefined;
    return tick ? { at: 'clash', with: tick } : { at: 'refused', why: error.message };
  }
}
