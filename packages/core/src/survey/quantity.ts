/** A measured or derived value with its kind, so that whoever writes it can choose the unit. */
export type Quantity =
  | { mm: number }
  | { deg: number }
  | { kg: number }
  | { count: number }
  | { ratio: number }
  | { text: string };

export const valueOf = (quantity: Quantity): number | string => Object.values(quantity)[0] as number | string;
