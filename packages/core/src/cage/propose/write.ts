import { type Angle, assumed, wholeMillimetres } from '../../measure/index.ts';
import { type Attachment } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Place } from '../placing/place.ts';

/** Writers of proposed values: whole millimetres, as somebody would type them. */
export const length = wholeMillimetres;
/** An angle as the program writes it. Degrees */
export const angle = (deg: number): Angle => ({ deg, typed: `${deg}°` });
/** A place of the car that nobody measured yet: what a bar stands at or bends at until somebody does. */
export const place = ([x, y, z]: Vec3): Place => assumed([length(x), length(y), length(z)]);
/** An end at a point that the program chose. */
export const point = (at: Vec3): Attachment => ({ kind: 'point', at: place(at) });

type StationAttachment = Extract<Attachment, { kind: 'station' }>;
/** The bar that an end stands on. */
export type On = StationAttachment['on'];
type Edge = StationAttachment['station']['edge'];

/** An end on a bar at a height over the floor. mm */
export const height = (member: string, side: 'left' | 'right', z: number): Attachment => ({
  kind: 'height',
  on: { member, side },
  height: length(z),
  aside: null,
});
/** An end at a bend of a bar, so far along it. mm */
export const station = (on: On, feature: string, along = 0, edge: Edge = 'middle'): Attachment => ({
  kind: 'station',
  on,
  station: { feature, edge, along: length(along) },
  to: 'axis',
  aside: null,
});
