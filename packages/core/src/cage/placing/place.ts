import { type Attachment } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';

/** A point as documents have it: three lengths in the car's frame. */
export type Place = Extract<Attachment, { kind: 'point' }>['at'];

/** A place of the plan as a point. Car's frame, mm */
export const placeOf = ([x, y, z]: Place): Vec3 => [x.mm, y.mm, z.mm];
