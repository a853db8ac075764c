import { decided } from '../measure/index.ts';

/** What the dial is to read at full pull. Degrees. */
export interface Dial {
  /** Read, from what it reads before the pull; of a dial of steps the last one not past the pull: more can be pulled, nothing taken back. */
  to: number;
  /** The next step, where the pull lies between two; null where the dial has the very reading. */
  next: number | null;
  /** What the bend comes out by when it is pulled to the one or the other, less the angle wanted. */
  off: { to: number; next: number | null };
}

/**
 * What to pull to by the dial. reading: the pull wanted, from zero; step: null for a dial that is read exactly; zero: what it reads before
 * the pull; slope: degrees released for each degree pulled. Degrees.
 */
export function dialFor(
  reading: number,
  { step, zero }: { step: number | null; zero: number },
  slope: number,
): Dial {
  const wanted = reading + zero;
  const to = step === null ? wanted : Math.floor(decided(wanted / step)) * step;
  const next = step === null || decided(wanted - to) === 0 ? null : to + step;
  return {
    to,
    next,
    off: { to: (to - wanted) * slope, next: next === null ? null : (next - wanted) * slope },
  };
}
