import { type Shop } from './shop.ts';

/** The longest stick of the tube asked for, whatever its batch; null where the shop has none. mm */
export function longestStick(shop: Shop, tube: { od: { mm: number }; wall: { mm: number } }): number | null {
  const fitting = shop.tubes.filter(
    (stock) => Math.abs(stock.od.mm - tube.od.mm) < 0.01 && Math.abs(stock.wall.mm - tube.wall.mm) < 0.01,
  );
  return fitting.length === 0 ? null : Math.max(...fitting.map((stock) => stock.stickLength.mm));
}
