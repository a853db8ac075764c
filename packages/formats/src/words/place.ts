import { type CarPlace } from '@gyrus/core';
import { thingShort } from './findings/assumed.ts';

/** A place of the car in a few words: a point by the name that somebody gave it. */
export const placeName = ({ name }: CarPlace): string =>
  name.of === 'point' && name.name !== '' ? name.name : thingShort(name).replace(/^place of /, '');

/** The three distances of a place, as they are called. */
export const AXIS_NAMES = ['forward', 'to the left', 'up'] as const;

/** How each of them is taken. */
export const AXIS_HOW = [
  "Along the floor, forward of the plane through the hoop's feet; what lies behind it is written with a minus.",
  'Square to the centre line of the car, to its left; what lies on the right is written with a minus.',
  'Straight up from the floor: hold a square on it, with the tape at its edge.',
] as const;
