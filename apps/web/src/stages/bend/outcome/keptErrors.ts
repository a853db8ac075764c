import { type Errors, type Length, millimetres, recordOf } from '@gyrus/core';
import { useState } from 'react';
import { keepText, keptText } from '../../../shared/server/browserStore.ts';

/** What goes wrong at a bend, and how far off a width may be and still fits. mm, degrees */
export interface ShopErrors extends Omit<Errors, 'mark'> {
  mark: Length;
  within: Length;
}

/** A mark scribed by eye, a protractor read to a half of a degree, a turn set by an angle gauge; common practice. */
const USUAL: ShopErrors = { mark: millimetres(0.8), angle: 0.5, rotation: 0.5, within: millimetres(6) };
const KEY = 'gyrus-bend-errors';

/** The errors that a shop reckons with, kept in this browser; the usual ones until somebody types others. */
export function useShopErrors(): [ShopErrors, (changes: Partial<ShopErrors>) => void] {
  const [errors, setErrors] = useState(readErrors);
  const change = (changes: Partial<ShopErrors>) => {
    const next = { ...errors, ...changes };
    setErrors(next);
    keepText(KEY, JSON.stringify(next));
  };
  return [errors, change];
}

function readErrors(): ShopErrors {
  const read = { ...USUAL };
  try {
    const kept = recordOf(JSON.parse(keptText(KEY) ?? '{}'));
    for (const key of ['angle', 'rotation'] as const) {
      const value = kept[key];
      if (typeof value === 'number' && value >= 0) read[key] = value;
    }
    for (const key of ['mark', 'within'] as const) {
      const { mm, typed } = recordOf(kept[key]);
      if (typeof mm === 'number' && mm >= 0 && typeof typed === 'string') read[key] = { mm, typed };
    }
  } catch {
    // A text that something else left there is no matter: the usual errors hold.
  }
  return read;
}
