import { type Errors, type Length, millimetres, recordOf } from '@gyrus/core';
import { lengthIn } from '../../../shared/fields/keptQuantities.ts';
import { useKept } from '../../../shared/server/useKept.ts';

/** What goes wrong at a bend, and how far off a width may be and still fits. Degrees */
export interface ShopErrors extends Omit<Errors, 'mark'> {
  mark: Length;
  within: Length;
}

/** A mark scribed by eye, a protractor read to a half of a degree, a turn set by an angle gauge; common practice. */
const USUAL: ShopErrors = { mark: millimetres(0.8), angle: 0.5, rotation: 0.5, within: millimetres(6) };

/** The errors that a shop reckons with, kept in this browser; the usual ones until somebody types others. */
export function useShopErrors(): [ShopErrors, (changes: Partial<ShopErrors>) => void] {
  const [errors, keep] = useKept('gyrus-bend-errors', errorsIn);
  return [errors, (changes) => keep({ ...errors, ...changes })];
}

function errorsIn(kept: unknown): ShopErrors {
  const { mark, angle, rotation, within } = recordOf(kept);
  return {
    mark: lengthIn(mark) ?? USUAL.mark,
    angle: typeof angle === 'number' && angle >= 0 ? angle : USUAL.angle,
    rotation: typeof rotation === 'number' && rotation >= 0 ? rotation : USUAL.rotation,
    within: lengthIn(within) ?? USUAL.within,
  };
}
