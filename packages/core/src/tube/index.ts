export { sectionInput } from './input.ts';
export { TUBE_KINDS, type TubeKind, TYPICAL_YIELD, YOUNGS_MODULUS } from './material.ts';
export {
  boreOf,
  checkSection,
  outerWallAfterBend,
  type Section,
  type SectionProperties,
  sectionProperties,
  STEEL_DENSITY,
} from './section.ts';
