import { type Angle } from './angle.ts';
import { type Length } from './length.ts';

/** A length that the program writes: `12.5 mm`. decimals: of its text alone; as the number has them where it is left out. */
export const millimetres = (mm: number, decimals?: number): Length => ({
  mm,
  typed: `${decimals === undefined ? mm : mm.toFixed(decimals)} mm`,
});

/** The same to the nearest whole millimetre, the figure too. */
export const wholeMillimetres = (mm: number): Length => millimetres(Math.round(mm) + 0);

/** An angle that the program writes: `84.5`. */
export const inDegrees = (deg: number): Angle => ({ deg, typed: `${deg}` });
