import {
  type BendSheet,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type Roller,
  rollOf,
  type SheetBend,
  type TapeHook,
} from '@gyrus/core';
import { type NamedFigure } from './cope.ts';

/** Whether a bend is an arc of the roller: it is rolled until its rise is right, and no dial is read. */
export const isRolled = ({ school }: Pick<SheetBend, 'school'>): boolean => school === 'rolled';

/** The figure that a roll is stopped by: over the shop's gauge where it has one that fits on the arc, over the chord else. */
export const riseLabel = ({ overGauge }: ReturnType<typeof rollOf>, style: LengthStyle): string =>
  overGauge
    ? `rise over a gauge of ${formatWithUnit(overGauge.gauge, style)}, on the outside of the bend`
    : 'rise over the chord';

/** What a roller is set and stopped by: radius and rise of the arc on the axis, where the roll starts and ends, the straights left. */
export function rollFigures(
  sheet: BendSheet,
  bend: SheetBend,
  { reads }: Pick<TapeHook, 'reads'>,
  roller: Roller | null,
  style: LengthStyle,
): NamedFigure[] {
  const length = (mm: number) => formatWithUnit(mm, style);
  const roll = rollOf(sheet, bend.number, roller?.gauge ?? null);
  const { start, end, radius, chord, rise, overGauge, leads } = roll;
  return [
    { label: 'start of the roll', text: length(reads(start)) },
    { label: 'end of the roll', text: length(reads(end)) },
    { label: 'radius, on the axis', text: length(radius) },
    ...(overGauge ? [{ label: riseLabel(roll, style), text: length(overGauge.rise) }] : []),
    { label: 'chord', text: length(chord) },
    { label: 'rise over the chord', text: length(rise) },
    { label: 'straight left before it, behind it', text: leads.map(length).join(', ') },
    { label: 'turns', text: `${formatAngle(bend.angle)}°` },
  ];
}
