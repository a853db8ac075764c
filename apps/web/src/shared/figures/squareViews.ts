import { type SquareView } from '@gyrus/core';

/** The sides that a car is seen from, as they are chosen: what lies in the front view is looked at from behind, forward. */
export const SQUARE_VIEWS = [
  { value: 'side', text: 'from the left' },
  { value: 'top', text: 'from above' },
  { value: 'front', text: 'from behind' },
] as const satisfies { value: SquareView; text: string }[];
