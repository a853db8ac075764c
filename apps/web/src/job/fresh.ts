import { type Angle, type Length } from '@gyrus/core';

/** Values that a new record starts from, as somebody would type them. */
export const mm = (value: number): Length => ({ mm: value, typed: `${value} mm` });
export const deg = (value: number): Angle => ({ deg: value, typed: `${value}` });
export const at = (x: number, y: number, z: number): [Length, Length, Length] => [mm(x), mm(y), mm(z)];
export const newId = (): string => crypto.randomUUID();

/** The next free stamp of a kind: `P1`, `P2` … */
export function nextStamp(letters: string, taken: readonly { stamp: string }[]): string {
  const stamps = new Set(taken.map(({ stamp }) => stamp));
  let number = 1;
  while (stamps.has(`${letters}${number}`)) number += 1;
  return `${letters}${number}`;
}
