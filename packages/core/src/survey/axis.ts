import { degrees, radians } from '../measure/index.ts';
import { type CarSide } from '../plan/index.ts';
import { angleFigure, type Figure, lengthFigure, sum } from './figure.ts';
import { type MeasuredSection, type WallSide } from './section.ts';

/** What is taken off the inside measures on each side and above before they are centreline dimensions. mm */
export interface TakeOffs {
  od: number;
  clearLeft: number;
  clearRight: number;
  clearAbove: number;
}

/** Half widths of the tube's axis on one side, from the centre line. mm */
export interface AxisSide {
  side: CarSide;
  floor: Figure;
  lean: Figure | null;
  roof: Figure;
}

/** Centreline dimensions. Heights are vertical, above the floor. */
export interface AxisSection {
  left: AxisSide;
  right: AxisSide;
  crownHeight: Figure;
}

/**
 * Takes clearance and half the tube off the inside measures [handbook §2, §4: 59 1/4 − 2 × 3/8 − 2 = 56 1/2].
 * Widths are of the walls as given, after any contradiction was settled.
 */
export function axisSection(section: MeasuredSection, takeOffs: TakeOffs): AxisSection {
  return {
    left: axisSide(section.left, takeOffs.clearLeft, takeOffs.od),
    right: axisSide(section.right, takeOffs.clearRight, takeOffs.od),
    crownHeight: crownHeight(section, takeOffs),
  };
}

function axisSide(wall: WallSide, clear: number, od: number): AxisSide {
  const toAxis = (half: number) => sum([half, ''], [-clear, 'clear'], [-od / 2, 'half the tube']);
  return {
    side: wall.side,
    floor: toAxis(wall.floor),
    lean: wall.lean === null ? null : toAxis(wall.lean),
    roof: toAxis(wall.roof),
  };
}

/** The crown is level, so the lowest of the three headliner heights rules it. */
function crownHeight(section: MeasuredSection, { od, clearAbove }: TakeOffs): Figure {
  const heights: [number, string][] = [[section.headliner, 'headliner at the centre']];
  if (section.left.corner !== null) heights.push([section.left.corner, 'headliner at the left corner']);
  if (section.right.corner !== null) heights.push([section.right.corner, 'headliner at the right corner']);
  const lowest = heights.reduce((low, one) => (one[0] < low[0] ? one : low));
  return sum(lowest, [-clearAbove, 'clear'], [-od / 2, 'half the tube']);
}

/** Both legs within the tighter side, level by level. */
export function withinTighterSide(axis: AxisSection): AxisSection {
  const tighter = (a: Figure, b: Figure) => (a.value <= b.value ? a : b);
  const lean = axis.left.lean && axis.right.lean ? tighter(axis.left.lean, axis.right.lean) : null;
  const same = {
    floor: tighter(axis.left.floor, axis.right.floor),
    lean,
    roof: tighter(axis.left.roof, axis.right.roof),
  };
  return { ...axis, left: { side: 'left', ...same }, right: { side: 'right', ...same } };
}

/** A height measured upright, along the tilted plane of the hoop. mm, degrees. */
export const alongPlane = (height: number, tilt: number): number => height / Math.cos(radians(tilt));

/** The wall's lean as the widths have it, over a rise along the hoop's plane. Degrees, positive inward. */
export function leanFromWidths(below: number, above: number, rise: number): Figure {
  return angleFigure(
    degrees(Math.atan2(below - above, rise)),
    'atan( (',
    { mm: below },
    '−',
    { mm: above },
    ') /',
    { mm: rise },
    ')',
  );
}

/** A half width as the protractor has it from the one at the other end of the leaning wall; lean positive outward. mm */
export const widthFromLean = (from: number, lean: number, rise: number): Figure =>
  lengthFigure(
    from + rise * Math.tan(radians(lean)),
    { mm: from },
    lean < 0 ? '−' : '+',
    { mm: rise },
    '× tan',
    { deg: Math.abs(lean) },
  );

/** How far up a wall goes from one half width to the other at the protractor's lean; null where it never does. mm */
export function riseFromLean(below: number, above: number, lean: number): Figure | null {
  const rise = (below - above) / Math.tan(radians(lean));
  return Number.isFinite(rise) && rise > 0
    ? lengthFigure(rise, '(', { mm: below }, '−', { mm: above }, ') / tan', { deg: lean })
    : null;
}
