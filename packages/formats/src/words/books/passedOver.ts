import { type LengthStyle, type PassedOver } from '@gyrus/core';
import { holdsWords } from './conditions.ts';
import { roleWords } from '../role.ts';

const MOST_NAMED = 3;

/** Why a rule says nothing of a cage: `It has no backstay.`; `It is for others: only in Ice.` */
export function passedOverWords(
  { why, roles, source }: PassedOver,
  style?: Pick<LengthStyle, 'unit'>,
): string {
  if (why === 'other-car') return `It is for others: ${holdsWords(source.holds, style)}.`;
  const named = roles.slice(0, MOST_NAMED).map(roleWords).join(', ');
  return `The cage has no ${named}${roles.length > MOST_NAMED ? ' or others that it is about' : ''}.`;
}
