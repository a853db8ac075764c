import {
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  radians,
  type SheetBend,
  type TapeHook,
} from '@gyrus/core';
import { type NamedFigure } from './cope.ts';

/** Whether a bend is an arc of the roller: it is rolled until its rise is right, and no dial is read. */
export const isRolled = ({ school }: Pick<SheetBend, 'school'>): boolean => school === 'rolled';

/** What a roller is set and stopped by: radius, chord and rise of the arc on the axis, and where the roll starts and ends. */
export function rollFigures(
  { finishedClr, angle, tangentA, tangentB }: SheetBend,
  { reads }: Pick<TapeHook, 'reads'>,
  style: LengthStyle,
): NamedFigure[] {
  const length = (mm: number) => formatWithUnit(mm, style);
  const half = radians(angle) / 2;
  return [
    { label: 'start of the roll', text: length(reads(tangentA)) },
    { label: 'end of the roll', text: length(reads(tangentB)) },
    { label: 'radius, on the axis', text: length(finishedClr) },
    { label: 'chord', text: length(2 * finishedClr * Math.sin(half)) },
    { label: 'rise over the chord', text: length(finishedClr * (1 - Math.cos(half))) },
    { label: 'turns', text: `${formatAngle(angle)}°` },
  ];
}
