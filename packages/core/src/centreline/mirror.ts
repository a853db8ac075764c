import { type Bend, wrapped } from './lra.ts';

/** The twin of the other hand: the same straights and angles, every rotation negated. */
export const mirrored = <B extends Pick<Bend, 'rotation'>>(bends: B[]): B[] =>
  bends.map((bend) => ({ ...bend, rotation: wrapped(-bend.rotation) }));

/** The same tube read from end B to end A. Rotations keep their sign and move to the next bend. */
export function reversed(bends: Bend[], tail: number): { bends: Bend[]; tail: number } {
  const last = bends.length - 1;
  return {
    bends: bends
      .map((bend, i) => ({
        ...bend,
        length: i === last ? tail : (bends[i + 1]?.length ?? 0),
        rotation: i === last ? 0 : (bends[i + 1]?.rotation ?? 0),
      }))
      .reverse(),
    tail: bends[0]?.length ?? tail,
  };
}
