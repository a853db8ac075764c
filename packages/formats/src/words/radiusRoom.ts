import { formatWithUnit, type LengthStyle, type RadiusRoom } from '@gyrus/core';
import { featureName } from './feature.ts';

/** What a keep-out on the inside of a bend leaves for its radius, and what can be done. */
export function radiusRoomWords({ feature, name, radius, most }: RadiusRoom, style: LengthStyle): string {
  const length = (mm: number) => formatWithUnit(mm, style);
  const where = `At the bend ${featureName(feature)} ${name || 'a keep-out'}`;
  if (most === null) return `${where} is in the way of every radius: move the bend, or cut out there.`;
  return `${where} leaves room for a radius of ${length(most)} at most; the tube is bent on ${length(radius)}, ${length(radius - most)} more: cut out there, roll it tighter, or move the bend.`;
}
