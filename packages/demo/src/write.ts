import { type Angle, expectValue, type Length, parseAngle, parseLength, POUND } from '@gyrus/core';

/** A length of the demo as a person would type it. */
export const inch = (typed: string): Length => expectValue(parseLength(typed, 'in'));
export const millimetre = (typed: string): Length => expectValue(parseLength(typed, 'mm'));
export const angle = (typed: string): Angle => expectValue(parseAngle(typed));
export const pounds = (lb: number) => ({ kg: lb * POUND, typed: `${lb} lb` });
