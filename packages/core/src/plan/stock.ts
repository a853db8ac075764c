import { CATALOGUE } from '../measure/index.ts';
import { type Shop } from './shop/shop.ts';

interface Wanted {
  od: { mm: number };
  wall: { mm: number };
}

/** Stock of one size, whatever its batch. */
const ofSize = ({ tubes }: Shop, { od, wall }: Wanted): Shop['tubes'] =>
  tubes.filter(
    (stock) => Math.abs(stock.od.mm - od.mm) < CATALOGUE && Math.abs(stock.wall.mm - wall.mm) < CATALOGUE,
  );

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
