import { turned } from '../measure/index.ts';

/**
 * Where the generators of one surface are cut: at even steps round the branch from the first header's direction (φ = 0),
 * right-handed about the axis into the branch.
 */
export interface Profile {
  /** Along the branch's axis from its end point into the branch, mm; null where the generator meets no header. */
  setbacks: (number | null)[];
  /** The header that each meets and the part of it, by their numbers; −1 for none. */
  headers: number[];
  parts: number[];
}

/** The line at any place round the tube, between the steps that it was computed at; null where it passes its header there. */
export function setbackAt(setbacks: (number | null)[], degrees: number): number | null {
  const at = (turned(degrees) * setbacks.length) / 360;
  const [low, high] = [setbacks[Math.floor(at) % setbacks.length], setbacks[Math.ceil(at) % setbacks.length]];
  if (low == null || high == null) return null;
  return low + (high - low) * (at - Math.floor(at));
}
