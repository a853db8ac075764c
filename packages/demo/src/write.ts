import { type Angle, expectValue, type Length, parseAngle, parseLength, POUND } from '@gyrus/core';

/** A length of the demo as a person would type it. */
export const inch = (typed: string): Length => expectValue(parseLength(typed, 'in'));
/** A length as somebody typed it. */
export const millimetre = (typed: string): Length => expectValue(parseLength(typed, 'mm'));
/** An angle as somebody typed it. */
export const angle = (typed: string): Angle => expectValue(parseAngle(typed));
/** A mass as somebody typed it in pounds. */
export const pounds = (lb: number) => ({ kg: lb * POUND, typed: `${lb} lb` });
