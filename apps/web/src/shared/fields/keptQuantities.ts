import { type Angle, type Length, recordOf } from '@gyrus/core';

/** A length as the browser kept it; null for anything else. */
export function lengthIn(kept: unknown): Length | null {
  const { mm, typed } = recordOf(kept);
  return typeof mm === 'number' && typeof typed === 'string' ? { mm, typed } : null;
}

/** An angle as the browser kept it; null for anything else. */
export function angleIn(kept: unknown): Angle | null {
  const { deg, typed } = recordOf(kept);
  return typeof deg === 'number' && typeof typed === 'string' ? { deg, typed } : null;
}
