import { inMillimetres, type Said } from '../fault/index.ts';

type Measured =
  { mm: number } | { mm2: number } | { deg: number } | { kg: number } | { count: number } | { ratio: number };

/** A measured or derived value with its kind, so that whoever writes it can choose the unit. */
export type Quantity =
  | Measured
  | { text: string }
  /** A sentence whose lengths are figures. */
  | { said: Said };

/** A quantity's number, without its unit; null of what is said in words. */
export function numberOf(quantity: Quantity): number | null {
  if ('mm' in quantity) return quantity.mm;
  if ('mm2' in quantity) return quantity.mm2;
  if ('deg' in quantity) return quantity.deg;
  if ('kg' in quantity) return quantity.kg;
  if ('count' in quantity) return quantity.count;
  return 'ratio' in quantity ? quantity.ratio : null;
}

/** What stands in a quantity, without its unit. */
export function valueOf(quantity: Quantity): number | string {
  if ('said' in quantity) return inMillimetres(quantity.said);
  return 'text' in quantity ? quantity.text : (numberOf(quantity) ?? '');
}
