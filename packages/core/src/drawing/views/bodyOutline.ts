import { type Measures } from '../../plan/index.ts';
import { type Point } from '../drawing.ts';

/** The inside of the car at the hoop, from the centre line: half widths and heights in mm. */
export interface BodyOutline {
  left: BodySide;
  right: BodySide;
  leanHeight: number;
  headliner: number;
}

/** One side of the inside of the car at the hoop: half widths, and the height of the corner. mm */
export interface BodySide {
  floor: number;
  lean: number;
  roof: number;
  corner: number;
}

/** Proportions of a small car to draw by until it is measured. mm */
const TYPICAL = { floor: 740, lean: 755, roof: 595, leanHeight: 440, headliner: 1075 };

/** The section as far as it is measured, completed by the other side and then by typical proportions. For drawing only. */
export function bodyOutline(measures: Measures): BodyOutline {
  const headliner = measures.headlinerCentre?.mm ?? TYPICAL.headliner;
  const side = (own: 'Left' | 'Right', other: 'Left' | 'Right'): BodySide => {
    const width = (at: 'Floor' | 'Lean' | 'Roof') =>
      measures[`halfWidth${at}${own}`]?.mm ?? measures[`halfWidth${at}${other}`]?.mm;
    const floor = width('Floor') ?? TYPICAL.floor;
    return {
      floor,
      lean: width('Lean') ?? Math.max(floor, floor * 0.4 + (width('Roof') ?? TYPICAL.roof) * 0.6),
      roof: width('Roof') ?? TYPICAL.roof,
      corner:
        measures[`headlinerCorner${own}`]?.mm ?? measures[`headlinerCorner${other}`]?.mm ?? headliner * 0.97,
    };
  };
  return {
    left: side('Left', 'Right'),
    right: side('Right', 'Left'),
    leanHeight: Math.min(measures.leanHeight?.mm ?? TYPICAL.leanHeight, headliner * 0.8),
    headliner,
  };
}

/**
 * The outline as a closed line, seen from behind looking forward: left is left. Half widths grow outward, so x is negative
 * on the left; y is the height. mm. The roof is drawn as an arc through centre and corners.
 */
export function outlinePoints({ left, right, leanHeight, headliner }: BodyOutline): Point[] {
  const sidePoints = (side: BodySide, sign: 1 | -1): Point[] => {
    const shoulder = side.corner * 0.94;
    return [
      [sign * side.floor, 0],
      [sign * side.lean, leanHeight],
      [sign * side.roof, Math.max(shoulder, leanHeight + 1)],
      [sign * side.roof * 0.88, side.corner],
    ];
  };
  const roof: Point[] = [-0.5, 0, 0.5].map((share) => {
    const side = share < 0 ? left : right;
    return [share * side.roof, headliner - (headliner - side.corner) * Math.abs(share) ** 2 * 1.3];
  });
  return [...sidePoints(left, -1), ...roof, ...sidePoints(right, 1).reverse()];
}
