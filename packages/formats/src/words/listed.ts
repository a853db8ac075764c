/** The parts of a sentence that there are, with commas between. */
export const listed = (parts: (string | null | undefined | false)[]): string =>
  parts.filter(Boolean).join(', ');
