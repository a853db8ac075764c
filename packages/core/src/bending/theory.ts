import { type Section, sectionProperties, YOUNGS_MODULUS } from '../tube/index.ts';

/**
 * Share of the pulled angle that springs back, from the elastic recovery of the plastic moment:
 * Δθ/φ = M·CLR/(E·I) with M = σy·(D³ − d³)/6 [beam formula; handbook §5]. Usually too low, as hardening and the
 * machine add to it: a test bend is due. yieldStrength in N/mm², clr in mm.
 */
export function elasticShare(section: Section, yieldStrength: number, clr: number): number {
  const { plasticModulus, secondMoment } = sectionProperties(section);
  return (yieldStrength * plasticModulus * clr) / (YOUNGS_MODULUS * secondMoment);
}
