/** So many of a thing: `3 tacks`. */
export const count = (n: number, thing: string): string => `${n} ${thing}${n === 1 ? '' : 's'}`;
