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
