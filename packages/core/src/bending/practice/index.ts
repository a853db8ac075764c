export { hiddenBender, type HiddenBender, releasedBy } from './hiddenBender.ts';
