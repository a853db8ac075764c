import { type Tube } from '../cage/index.ts';
import { degrees, radians } from '../measure/index.ts';
import { legHeights } from './hoopPoints.ts';
import { springForce } from './spring.ts';

/** How feet that are out are put right. mm, degrees, N */
export type FeetCorrection =
  /** Nothing is to be done: within what the tape tells. */
  | { kind: 'none'; off: number }
  /** Wider than planned: under-bent. Pull each crown bend further, or hold the feet in with a strap until the harness bar holds them. */
  | {
      kind: 'wider';
      off: number;
      /** To pull further at each bend. */
      pull: { left: number; right: number };
      /** What the feet will be apart then, the pull taken as a tenth of a degree. */
      expected: number;
      /** What a strap's pull leaves in the hoop. */
      force: number;
    }
  /** Narrower: over-bent. A bender opens no bend: spread within the shop's policy, or scrap. */
  | {
      kind: 'narrower';
      off: number;
      /** Whether the shop spreads so much. */
      within: boolean;
      expected: number;
      force: number;
    };

/** No dial is read finer. Degrees */
const TENTH = 0.1;

/**
 * What puts a hoop's feet right, by how far they are apart: Δ/h at each crown bend, half of the error on each leg (handbook §12).
 * spread: the most that this shop spreads a hoop.
 */
export function feetCorrection(
  hoop: Tube,
  { planned, measured, error, spread }: { planned: number; measured: number; error: number; spread: number },
): FeetCorrection {
  const off = measured - planned;
  if (Math.abs(off) <= error) return { kind: 'none', off };
  const force = springForce(hoop.axis, hoop, off);
  if (off < 0) return { kind: 'narrower', off, within: -off <= spread, expected: planned, force };
  const { left, right } = legHeights(hoop.axis);
  const pull = { left: toPull(off / 2, left), right: toPull(off / 2, right) };
  const closed = left * Math.sin(radians(pull.left)) + right * Math.sin(radians(pull.right));
  return { kind: 'wider', off, pull, expected: measured - closed, force };
}

/** Degrees at a bend that bring a foot in by so much, on a leg so long, to a tenth. */
const toPull = (by: number, leg: number): number =>
  leg === 0 ? 0 : Math.round(degrees(Math.asin(Math.min(1, by / leg))) / TENTH) * TENTH;

/** Degrees to turn about the straight between two bends so that a foot comes back into the plane of the other leg. */
export const twistCorrection = (off: number, hoop: Tube): number => {
  const { left, right } = legHeights(hoop.axis);
  const leg = Math.min(left, right);
  return leg === 0 ? 0 : degrees(Math.asin(Math.min(1, Math.abs(off) / leg)));
};
