import { assumed, type Length, millimetres } from '@gyrus/core';

/** A place of the car that nobody measured yet. */
export const at = (x: number, y: number, z: number): [Length, Length, Length] =>
  assumed([millimetres(x), millimetres(y), millimetres(z)]);
/** An id that nothing else has. */
export const newId = (): string => crypto.randomUUID();

/** The next free stamp of a kind: `P1`, `P2` … */
export function nextStamp(letters: string, taken: readonly { stamp: string }[]): string {
  const stamps = new Set(taken.map(({ stamp }) => stamp));
  let number = 1;
  while (stamps.has(`${letters}${number}`)) number += 1;
  return `${letters}${number}`;
}
