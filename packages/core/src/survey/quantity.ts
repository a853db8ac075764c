import { inMillimetres, type Said } from '../fault/index.ts';

/** A measured or derived value with its kind, so that whoever writes it can choose the unit. */
export type Quantity =
  | { mm: number }
  | { mm2: number }
  | { deg: number }
  | { kg: number }
  | { count: number }
  | { ratio: number }
  | { text: string }
  /** A sentence whose lengths are figures. */
  | { said: Said };

/** What stands in a quantity, without its unit. */
export const valueOf = (quantity: Quantity): number | string =>
  'said' in quantity ? inMillimetres(quantity.said) : (Object.values(quantity)[0] as number | string);
