import { type IssuedSummary } from '@gyrus/contract';

/** How far an issued sheet has come, the same at the desk and at the bender. */
export const stateWords: Record<IssuedSummary['state'], string> = {
  new: 'not begun',
  begun: 'begun',
  done: 'bent',
  scrap: 'scrap',
};
