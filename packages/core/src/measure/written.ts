import { type Angle } from './angle.ts';
import { INCH, type Length, type Unit } from './length.ts';

/** A length that the program writes: `12.5 mm`. decimals: of its text alone; as the number has them where it is left out. */
export const millimetres = (mm: number, decimals?: number): Length => ({
  mm,
  typed: `${decimals === undefined ? mm : mm.toFixed(decimals)} mm`,
});

/** The same to the nearest whole millimetre, the figure too. */
export const wholeMillimetres = (mm: number): Length => millimetres(Math.round(mm) + 0);

/** A length finer than any tape, in a unit, so that what is written down again stays where it was: `24.1235 in`, `612.737 mm`. */
export function finelyWritten(mm: number, unit: Unit): Length {
  const figure = unit === 'in' ? (mm / INCH).toFixed(4) : mm.toFixed(3);
  return { mm: Number(figure) * (unit === 'in' ? INCH : 1) + 0, typed: `${figure} ${unit}` };
}

/** An angle to ten-thousandths of a degree. */
export const finelyInDegrees = (deg: number): Angle => inDegrees(Number(deg.toFixed(4)) + 0);

/** An angle that the program writes: `84.5`. */
export const inDegrees = (deg: number): Angle => ({ deg, typed: `${deg}` });
