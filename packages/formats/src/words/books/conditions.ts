import { type Holds, type LengthStyle } from '@gyrus/core';
import { massWords } from '../printUnits.ts';

/**
 * When a rule holds, as a phrase: `only in Ice; open cars; cars over 1200 kg; built from 2016`. Empty where always. style: the
 * unit that weights are written in; as the book writes them without one.
 */
export function holdsWords(holds: Holds | null, style?: Pick<LengthStyle, 'unit'>): string {
  if (!holds) return '';
  const { classes, roof, over, upTo, builtFrom, builtTo } = holds;
  const mass = ({ kg, typed }: { kg: number; typed: string }) => (style ? massWords(kg, style) : typed);
  const weight = [over && `over ${mass(over)}`, upTo && `up to ${mass(upTo)}`].filter(Boolean).join(' and ');
  const built = [builtFrom != null && `from ${builtFrom}`, builtTo != null && `to ${builtTo}`]
    .filter(Boolean)
    .join(' ');
  return [
    classes.length > 0 && `only in ${classes.join(', ')}`,
    roof && `${roof} cars`,
    weight && `cars ${weight}`,
    built && `built ${built}`,
  ]
    .filter(Boolean)
    .join('; ');
}
