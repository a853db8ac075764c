/** What a cut square to the surface along the outer line leaves to grind. mm and degrees */
export interface WeldPrep {
  /** How far the inner edge stands proud where it does most, along the tube: at the thinnest place of the ear. */
  groundBack: number;
  /** Where that is, round the tube from the face line. */
  at: number;
}

/** Setbacks of both edges at even steps round the tube, mm. null where an edge meets no header all round. */
export function weldPrep(outer: (number | null)[], inner: (number | null)[]): WeldPrep | null {
  let most: WeldPrep | null = null;
  for (const [k, setback] of outer.entries()) {
    const within = inner[k];
    if (setback === null || within == null) return null;
    const proud = Math.max(0, within - setback);
    if (most === null || proud > most.groundBack) most = { groundBack: proud, at: (360 * k) / outer.length };
  }
  return most;
}
