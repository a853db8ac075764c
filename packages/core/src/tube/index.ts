export { TUBE_KINDS, type TubeKind, TYPICAL_YIELD, YOUNGS_MODULUS } from './material.ts';
export {
  boreOf,
  checkSection,
  outerWallAfterBend,
  type Section,
  sectionInput,
  type SectionProperties,
  sectionProperties,
} from './section.ts';
