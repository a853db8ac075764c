export { type BendOff, bendsOff, type HandMadeBend, isUsable, partMade, type PartMade } from './partMade.ts';
export { hiddenBender, type HiddenBender, releasedBy } from './hiddenBender.ts';
