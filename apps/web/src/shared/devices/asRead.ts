import { type Angle, inDegrees } from '@gyrus/core';

/** What a dial or a gauge reads as somebody takes it down: to a tenth of a degree. */
export const asRead = (degrees: number): Angle => inDegrees(Math.round(degrees * 10) / 10);
