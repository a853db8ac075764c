import { CATALOGUE } from '../measure/index.ts';
import { type TubeKind } from '../tube/index.ts';
import { type Shop } from './shop/shop.ts';

interface Wanted {
  od: { mm: number };
  wall: { mm: number };
}

const isSameSize = (a: Wanted, b: Wanted): boolean =>
  Math.abs(a.od.mm - b.od.mm) < CATALOGUE && Math.abs(a.wall.mm - b.wall.mm) < CATALOGUE;

/** Whether two tubes are of one size and kind, whatever their batch. */
export const isSameTube = (a: Wanted & { kind: TubeKind }, b: Wanted & { kind: TubeKind }): boolean =>
  isSameSize(a, b) && a.kind === b.kind;

/** Stock of one size, whatever its batch. */
const ofSize = ({ tubes }: Shop, wanted: Wanted): Shop['tubes'] =>
  tubes.filter((stock) => isSameSize(stock, wanted));

/** The certificate of the batch that a tube is of; null where the batch or its certificate is not entered. */
export function certificateOf(shop: Shop, tube: Wanted & { batch: string }): string | null {
  if (tube.batch === '') return null;
  return ofSize(shop, tube).find(({ batch }) => batch === tube.batch)?.certificate || null;
}

/** The longest stick of the tube asked for, whatever its batch; null where the shop has none. mm */
export function longestStick(shop: Shop, tube: Wanted): number | null {
  const fitting = ofSize(shop, tube);
  return fitting.length === 0 ? null : Math.max(...fitting.map((stock) => stock.stickLength.mm));
}
