import { type Tube } from '../../cage/index.ts';
import { crossingsOf, lengthOf, pointOn, polylineOf } from '../../centreline/index.ts';
import { formatWithUnit, type LengthStyle } from '../../measure/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Drawing, type Point, rectangle, type Shape, textWidth } from '../drawing.ts';
import { tubeShapes } from './cageView.ts';
import { fitted, PROJECTIONS } from './projections.ts';

/** What is off, as the picture needs it: a width at a height, or the crown's height on a side. mm */
export interface OffAt {
  point: {
    what:
      | { kind: 'width'; up: number }
      | { kind: 'height'; side: 'left' | 'right' }
      | { kind: 'diagonal' | 'lean' | 'twist' | 'bay' | 'gap' };
  };
  off: number;
}

interface AsBuiltViewOptions {
  width: number;
  height: number;
  /** Errors are drawn so many times larger. */
  times: number;
  style: LengthStyle;
}

/** Free round the hoop, for the arrows. */
const EDGE = 90;
const SIZE = 15;

/** A hoop from behind, with arrows where it is off: outward where it is wider or higher, inward where it is not. */
export function asBuiltView(
  hoop: Tube,
  offs: readonly OffAt[],
  { width, height, times, style }: AsBuiltViewOptions,
): Drawing {
  const project = PROJECTIONS.front;
  const points = polylineOf(hoop.axis, 4);
  const place = fitted(points.map(project), { width, height, aside: EDGE });
  const flat = (at: Vec3): Point => place.at(project(at));
  const arrows = offs.flatMap((one) => arrowsOf(hoop, one));
  return {
    width,
    height,
    title: `The hoop from behind: ${arrows.length === 0 ? 'nothing is measured' : `${arrows.length} places that are off`}`,
    shapes: [
      ...tubeShapes(points.map(flat), (hoop.od / 2) * place.scale, false),
      ...arrows.flatMap(({ at, toward, off, said }): Shape[] => {
        const [x, y] = flat(at);
        const long = off * times * place.scale;
        // Out to the side or up, as it is seen: left is left, and y goes down.
        const tip: Point = [x - toward[1] * long, y - toward[2] * long];
        const text: Point = [x - toward[1] * 34, y - toward[2] * 20 + (toward[2] === 0 ? 26 : 14)];
        return [
          { kind: 'arrow', from: [x, y], to: tip, pen: 'mark' },
          ...(said === null
            ? []
            : labelShapes(text, `${said < 0 ? '−' : '+'}${formatWithUnit(Math.abs(said), style)}`)),
        ];
      }),
    ],
  };
}

/** An arrow at a place; widths have one on each side, half of the error long. */
interface Arrow {
  at: Vec3;
  /** Where the error goes if it is positive, in the car's frame. */
  toward: Vec3;
  off: number;
  /** The figure beside it; null where another arrow has it. */
  said: number | null;
}

function arrowsOf({ axis, od }: Tube, { point: { what }, off }: OffAt): Arrow[] {
  if (off === 0) return [];
  if (what.kind === 'width') {
    const total = lengthOf(axis);
    const across = crossingsOf(axis, ([, , z]) => z - what.up).map((along) => pointOn(axis, along));
    const ends = across.length >= 2 ? across : [pointOn(axis, 0), pointOn(axis, total)];
    return ends
      .slice(0, 1)
      .concat(ends.slice(-1))
      .map((at, i) => ({
        at: [at[0], at[1] + (Math.sign(at[1]) * od) / 2, at[2]],
        toward: [0, Math.sign(at[1]), 0],
        off: off / 2,
        said: i === 0 ? off : null,
      }));
  }
  if (what.kind === 'height') {
    const side = what.side === 'left' ? 1 : -1;
    const half = Math.abs(pointOn(axis, 0)[1]) / 2;
    const tops = crossingsOf(axis, ([, y]) => y - side * half).map((along) => pointOn(axis, along));
    const top = tops.reduce<Vec3 | null>((best, one) => (best && best[2] >= one[2] ? best : one), null);
    return top ? [{ at: [top[0], top[1], top[2] + od / 2], toward: [0, 0, 1], off, said: off }] : [];
  }
  return [];
}

function labelShapes([x, y]: Point, text: string): Shape[] {
  const half = textWidth(text, SIZE) / 2 + 5;
  return [
    { kind: 'polygon', points: rectangle(x - half, y - SIZE, 2 * half, SIZE + 7), pen: 'label' },
    { kind: 'text', at: [x, y + 2], text, size: SIZE, anchor: 'middle', voice: 'figure' },
  ];
}
