/**
 * A text for a drawing's file: on one line, and without characters that end a line of DXF, have no place in XML 1.0 or turn the direction
 * of what follows. Each becomes a space, so that words stay apart.
 */
export const plainText = (text: string): string =>
  text.replace(/[\p{Cc}\p{Cf}\p{Zl}\p{Zp}\p{Surrogate}\uFFFE\uFFFF]/gu, ' ');
