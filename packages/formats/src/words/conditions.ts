import { type Holds } from '@gyrus/core';

/** When a rule holds, as a phrase: `only in Ice; open cars; cars over 1200 kg; built from 2016`. Empty where always. */
export function holdsWords(holds: Holds | null): string {
  if (!holds) return '';
  const { classes, roof, over, upTo, builtFrom, builtTo } = holds;
  const weight = [over && `over ${over.typed}`, upTo && `up to ${upTo.typed}`].filter(Boolean).join(' and ');
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
