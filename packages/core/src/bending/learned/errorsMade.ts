/** A bend that was made and measured: how far its angle, its place and its turn are off. Degrees, mm; null where it was not measured */
export interface MeasuredOff {
  angle: number;
  place: number | null;
  turn: number | null;
}

/** An error as a shop really makes it: its size, and how many bends say so. */
export interface ErrorMade {
  size: number;
  bends: number;
}

/** Fewer bends say nothing of a spread. */
const ENOUGH = 5;

/**
 * What goes wrong at the bends of a shop, as standard deviations about what was wanted: a shop that is always short errs as much as one
 * that is short and over in turn. null where too few bends were measured for it.
 */
export function errorsMade(
  bends: readonly MeasuredOff[],
): Record<'mark' | 'angle' | 'rotation', ErrorMade | null> {
  const of = (values: (number | null)[]): ErrorMade | null => {
    const known = values.filter((value) => value !== null);
    if (known.length < ENOUGH) return null;
    const squares = known.reduce((sum, value) => sum + value * value, 0);
    return { size: Math.sqrt(squares / known.length), bends: known.length };
  };
  return {
    mark: of(bends.map(({ place }) => place)),
    angle: of(bends.map(({ angle }) => angle)),
    rotation: of(bends.map(({ turn }) => turn)),
  };
}
