/** How the cover is set. */
export const BODY = { font: 'label-500', size: 9 } as const;

/** A book in the list below: A, B, C. */
export const letterOf = (place: number): string => String.fromCharCode(65 + place);
