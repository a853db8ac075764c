export { kept, keptPair } from './kept.ts';
