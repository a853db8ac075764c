import { oneOf } from '../../fault/index.ts';

/** Directions of the car as seen from the driver's seat; `out` and `in` are away from and toward the centre line. */
export const TOWARDS = ['front', 'rear', 'left', 'right', 'up', 'down', 'out', 'in'] as const;
/** The directions of the car that something can reach toward. */
export type Towards = (typeof TOWARDS)[number];
/** Check of a direction. what: what turns or reaches there */
export const towardsField = (what: string) => oneOf(TOWARDS, what);
