import { fail, type Outcome, succeed } from '../fault/index.ts';

/** A strength as a mill's certificate has it: megapascals count, typed is kept as written. */
export interface Strength {
  mpa: number;
  typed: string;
}

/** A thousand pounds-force to the square inch, by the definitions of both. MPa */
const KSI = 6.894757293168;
/** Steel tube: nothing weaker or stronger is bought for a cage. MPa */
const WEAKEST = 100;
const STRONGEST = 2500;

/** A strength out of a text: `540 MPa`, `540 N/mm2`, `78 ksi`; a bare number is of the unit that people here read. */
export function parseStrength(text: string, unit: 'MPa' | 'ksi'): Outcome<Strength> {
  const typed = text.trim();
  const read = /^(\d+(?:\.\d+)?)\s*(mpa|n\/mm2|n\/mm²|ksi)?$/i.exec(typed);
  if (!read) return fail('unreadable', '', `"${typed}" is no strength: write 540 MPa or 78 ksi`);
  const named = read[2]?.toLowerCase() ?? unit.toLowerCase();
  const mpa = Number(read[1]) * (named === 'ksi' ? KSI : 1);
  if (mpa < WEAKEST || mpa > STRONGEST)
    return fail('unlikely', '', 'tube is between 100 and 2500 MPa (15 and 360 ksi) strong: check the unit');
  return succeed({ mpa, typed });
}

/** A strength in both units: `538 MPa · 78 ksi`. */
export const strengthInBoth = ({ mpa }: Strength): string =>
  `${Math.round(mpa)} MPa · ${Math.round(mpa / KSI)} ksi`;
