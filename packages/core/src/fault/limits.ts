/** No tube of a car is longer, and no co-ordinate farther, than this. mm. */
export const LARGEST = 100_000;
