import { type StraightCuts } from '../cope/index.ts';
import { itemAt } from '../items/index.ts';
import { formatAngle, formatWithUnit, type LengthStyle } from '../measure/index.ts';
import { type Drawing, type Point, rectangle, type Shape } from './drawing.ts';

/** A tube's end with its pencil lines. */
export interface PencilOptions {
  /** Outside diameter, and where the ear lies from the end point. mm */
  od: number;
  ear: number;
  width: number;
  style: LengthStyle;
}

const HEIGHT = 190;
const TOP = 30;
const FOOT = 44;
/** Tube that is drawn beyond the end of the cuts, in its diameters. */
const BEYOND = 0.9;

/**
 * Two straight cuts as they are drawn on the tube with a rule: its end from one side and from the other, the face line along its upper edge.
 * The tube goes on to the right in the first and to the left in the second; what is outside of the lines is cut off.
 */
export function pencilLines(cuts: StraightCuts, { od, ear, width, style }: PencilOptions): Drawing {
  const [face, back] = [itemAt(cuts.cuts, 0), itemAt(cuts.cuts, -1)];
  const tip = cuts.tip ?? { across: 0, setback: ear };
  const least = Math.min(ear, tip.setback);
  const long = Math.max(face.atFace, back.atBack) - least + BEYOND * od;
  const scale = Math.min((HEIGHT - TOP - FOOT) / od, (width / 2 - 24) / long);
  const middle = TOP + (od / 2) * scale;
  const side = (hand: 1 | -1): Shape[] => {
    const start = hand === 1 ? 12 : width - 12;
    const at = (along: number, across: number): Point => [
      start + hand * (along - least) * scale,
      middle - across * scale,
    ];
    const [left] = hand === 1 ? at(least, 0) : at(least + long, 0);
    const corners: Point[] = [at(face.atFace, od / 2), at(tip.setback, tip.across), at(back.atBack, -od / 2)];
    const far: Point[] = [at(least + long, -od / 2), at(least + long, od / 2)];
    const up = (from: number) => formatWithUnit(from - tip.setback, style);
    const anchor = hand === 1 ? 'start' : 'end';
    const words = (along: number, y: number, text: string): Shape => ({
      ...{ kind: 'text', at: [at(along, 0)[0], y], text, size: 14, anchor, voice: 'label' },
    });
    return [
      { kind: 'polygon', points: rectangle(left, TOP, long * scale, od * scale), pen: 'coming' },
      { kind: 'polygon', points: [...corners, ...far], pen: 'steel' },
      { kind: 'polyline', points: corners, pen: 'mark' },
      words(face.atFace, TOP - 8, `${up(face.atFace)}, ${formatAngle(Math.abs(face.angle))}°`),
      words(back.atBack, TOP + od * scale + 18, `${up(back.atBack)}, ${formatAngle(Math.abs(back.angle))}°`),
      words(
        least,
        HEIGHT - 6,
        hand === 1 ? 'one side, the face line above' : 'the other side, the face line above',
      ),
    ];
  };
  return {
    width,
    height: HEIGHT,
    title: `Two pencil lines: on the face line ${formatWithUnit(face.atFace - tip.setback, style)} up from the point, opposite it ${formatWithUnit(back.atBack - tip.setback, style)}`,
    shapes: [...side(1), ...side(-1)],
  };
}
