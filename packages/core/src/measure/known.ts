/**
 * How a figure is known (handbook §14). A figure that somebody typed says nothing of it: what stands for the car, the driver or the
 * machine was read off it, the rest was decided. One that the program put in, so that work can go on, says so until somebody
 * confirms it; then it says who did, and when.
 */
export type Known = { how: 'assumed' } | { how: 'measured' | 'chosen'; by: string; on: string };

/** Whether the program put a figure in, and nobody said since that it is so. */
export const isAssumed = ({ known }: { known?: Known }): boolean => known?.how === 'assumed';

type Figure = { mm: number; typed: string } | { deg: number; typed: string };

/** A length or an angle as documents have them. */
export const isFigure = (value: unknown): value is Figure & { known?: Known } =>
  typeof value === 'object' && value !== null && 'typed' in value && ('mm' in value || 'deg' in value);

/** The same with every length and angle in it known as given; without `known` as if somebody had typed them. */
export function knownAs<T>(value: T, known?: Known): T {
  if (isFigure(value)) {
    const { known: _, ...figure } = value;
    return (known ? { ...figure, known } : figure) as T;
  }
  if (Array.isArray(value)) return value.map((one: unknown) => knownAs(one, known)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, knownAs(one, known)])) as T;
}

/** The same with every length and angle in it put in by the program. */
export const assumed = <T>(value: T): T => knownAs(value, { how: 'assumed' });
