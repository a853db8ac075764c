/** A point or direction, [x, y, z] in mm: x forward, y left, z up in the car's frame (ISO 8855 axes). */
export type Vec3 = readonly [number, number, number];

/** a + b */
export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
/** a − b */
export const subtract = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
/** a · k */
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
/** The scalar product. */
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
/** The vector product, right-handed. */
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
/** How long a is. */
export const length = (a: Vec3): number => Math.sqrt(dot(a, a));
/** How far two points lie apart. */
export const distance = (a: Vec3, b: Vec3): number => length(subtract(a, b));

/** The direction of a, length 1. The caller knows that a is not the zero vector. */
export const unit = (a: Vec3): Vec3 => scale(a, 1 / length(a));

/** Angle between two directions in radians, 0 to π. atan2 keeps it exact near 0 and π, where acos does not. */
export const angleBetween = (a: Vec3, b: Vec3): number => Math.atan2(length(cross(a, b)), dot(a, b));

/** Right-handed angle about `axis` (length 1) from a to b, both square to it. Radians, −π to π. */
export const angleAbout = (axis: Vec3, a: Vec3, b: Vec3): number =>
  Math.atan2(dot(axis, cross(a, b)), dot(a, b));

/** a turned right-handed about `axis` (length 1) by `angle` radians (Rodrigues). */
export function rotateAbout(axis: Vec3, angle: number, a: Vec3): Vec3 {
  const along = scale(axis, dot(axis, a) * (1 - Math.cos(angle)));
  return add(add(scale(a, Math.cos(angle)), scale(cross(axis, a), Math.sin(angle))), along);
}
