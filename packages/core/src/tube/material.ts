/** How a tube was made; rule books allow some kinds and not others. */
export const TUBE_KINDS = ['welded', 'drawn-over-mandrel', 'cold-drawn-seamless', 'alloy'] as const;
/** How a tube was made and of what. */
export type TubeKind = (typeof TUBE_KINDS)[number];

/** N/mm², all steels [handbook §3]. */
export const YOUNGS_MODULUS = 205_000;

/**
 * Yield to start from where no certificate is at hand, N/mm². From memory (handbook §3): drawn-over-mandrel 1020,
 * as-welded 1010, cold-drawn seamless E235 (350–450), 4130 normalised (460–500).
 */
export const TYPICAL_YIELD: Record<TubeKind, number> = {
  welded: 310,
  'drawn-over-mandrel': 480,
  'cold-drawn-seamless': 400,
  alloy: 480,
};
