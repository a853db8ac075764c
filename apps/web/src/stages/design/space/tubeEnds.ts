import { type EndCut } from '@gyrus/core';

/** The cuts of a tube, as far as they are there. */
export type Ends = Partial<Record<'a' | 'b', EndCut>>;
