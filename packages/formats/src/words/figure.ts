import { type Figure, formatAngle, formatLength, type LengthStyle } from '@gyrus/core';

/** How a figure came about, with its result: `29 1/4 − 3/8 clear − 1 half the tube = 27 7/8`. */
export const figureWords = (figure: Figure, style: LengthStyle): string =>
  `${howWords(figure, style)} = ${resultWords(figure, style)}`;

const howWords = ({ how }: Figure, style: LengthStyle): string =>
  how
    .map((part) => {
      if (typeof part === 'string') return part;
      if ('mm' in part) return formatLength(part.mm, style);
      return 'deg' in part ? `${formatAngle(part.deg, 2)}°` : '';
    })
    .join(' ');

/** The figure itself. */
export const resultWords = ({ value, unit }: Figure, style: LengthStyle): string =>
  unit === 'mm' ? formatLength(value, style) : `${formatAngle(value, 2)}°`;
