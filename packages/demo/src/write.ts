import { type Angle, expectValue, type Length, parseAngle, parseLength } from '@gyrus/core';

/** A length of the demo as a person would type it. */
export const inch = (typed: string): Length => expectValue(parseLength(typed, 'in'));
export const millimetre = (typed: string): Length => expectValue(parseLength(typed, 'mm'));
export const angle = (typed: string): Angle => expectValue(parseAngle(typed));
export const pounds = (lb: number) => ({ kg: lb * 0.45359237, typed: `${lb} lb` });
