import { type Angle, assumed, type Length } from '@gyrus/core';

/** Values that a new record starts from, as somebody would type them: decisions of the builder's, as soon as it is kept. */
export const mm = (value: number): Length => ({ mm: value, typed: `${value} mm` });
export const deg = (value: number): Angle => ({ deg: value, typed: `${value}` });
/** A place of the car that nobody measured yet. */
export const at = (x: number, y: number, z: number): [Length, Length, Length] =>
  assumed([mm(x), mm(y), mm(z)]);
export const newId = (): string => crypto.randomUUID();

/** The next free stamp of a kind: `P1`, `P2` … */
export function nextStamp(letters: string, taken: readonly { stamp: string }[]): string {
  const stamps = new Set(taken.map(({ stamp }) => stamp));
  let number = 1;
  while (stamps.has(`${letters}${number}`)) number += 1;
  return `${letters}${number}`;
}
