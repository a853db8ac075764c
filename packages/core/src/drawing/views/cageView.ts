import { itemAt } from '../../items/index.ts';
import { lengthOf, pointAt, polylineOf } from '../../centreline/index.ts';
import { type Tube } from '../../cage/index.ts';
import { formatWithUnit, type LengthStyle } from '../../measure/index.ts';
import { distance } from '../../space/index.ts';
import { type Plan } from '../../plan/index.ts';
import { boxesOf, boxShapes, outlinesOf } from './carBody.ts';
import { type CageView, EDGE, type Flat, fitted, PROJECTIONS } from './projections.ts';
import { leaderStamps } from './leaderStamps.ts';
import { type CageSheet } from '../sheets.ts';
import {
  type Drawing,
  type Pen,
  type Point,
  rectangle,
  type Shape,
  STAMP,
  stampLabel,
  textWidth,
} from '../drawing.ts';

/** What is drawn of a cage, and from where. */
export interface CageViewOptions {
  view: CageView;
  width: number;
  height: number;
  /** The pieces that are being worked on. */
  selected: readonly string[];
  /** Stamps on all tubes, on those alone, of all in the margins with leaders to what they name, or on none. */
  stamps: 'all' | 'selected' | 'leaders' | 'none';
  /** Kept free round the cage, in drawing units; room for dimensions and stamps where it is left out. */
  edge?: number;
  /** Plates and gussets; none where it is left out. */
  sheets?: readonly CageSheet[];
  /** The car round the cage as far as it is known; not in the corner view. None where it is left out. */
  survey?: Plan['survey'];
  /** Writes the true length between the ends beside each selected piece; null leaves it out. */
  style: LengthStyle | null;
}

/** Where stamps stand in the margins. */
const LEADER_EDGE = 130;

/** The cage in one of its square views: tubes at scale, the nearer over the farther, each with its stamp. */
export function cageView(
  tubes: Tube[],
  { view, width, height, selected, stamps: shown, style, survey, edge = EDGE, sheets = [] }: CageViewOptions,
): Drawing {
  const project = PROJECTIONS[view];
  const lines = tubes
    .map((tube) => ({ tube, points: polylineOf(tube.axis, 6).map(project) }))
    // The picked ones last: what is worked on is never hidden.
    .sort(
      (a, b) =>
        Number(selected.includes(a.tube.piece)) - Number(selected.includes(b.tube.piece)) ||
        farthest(a.points) - farthest(b.points),
    );
  const flats = sheets.map((sheet) => ({ sheet, corners: sheet.corners.map(project) }));
  const car = survey ? carRound(survey, view) : NO_CAR;
  const leads = shown === 'leaders';
  const place = fitted(
    [
      ...lines.flatMap(({ points }) => points),
      ...flats.flatMap(({ corners }) => corners),
      ...car.outlines.flat(),
      ...car.boxes.flatMap(({ corners }) => corners),
    ],
    { width, height, aside: leads ? roomAside(car.boxes) : edge, edge },
  );
  const drawn = lines.map(({ tube, points }) => ({ tube, points: points.map(place.at) }));
  const named = tubes.map((tube) => {
    const middle = pointAt(tube.axis, lengthOf(tube.axis) / 2) ?? itemAt(tube.points, 0);
    return { piece: tube.piece, stamp: tube.stamp, at: place.at(project(middle)) };
  });
  const stamps = stampsOf(
    named,
    [
      ...flats.map(({ sheet, corners }) => ({ stamp: sheet.stamp, at: place.at(middleOf(corners)) })),
      ...car.boxes.map(({ name, corners }) => ({ stamp: name, at: place.at(middleOf(corners)) })),
    ],
    { shown, selected, width, height },
  );
  return {
    width,
    height,
    title: `The cage, ${view} view: ${tubes.map((tube) => tube.stamp).join(', ')}`,
    shapes: [
      ...car.outlines.map((points) => face(points.map(place.at), 'body')),
      ...drawn.flatMap(({ tube, points }) =>
        tubeShapes(points, (tube.od / 2) * place.scale, selected.includes(tube.piece)),
      ),
      ...flats.map(({ corners }) => face(corners.map(place.at), 'picked')),
      ...car.boxes.flatMap(({ corners, name }) => boxShapes(corners.map(place.at), leads ? null : name)),
      ...(style
        ? drawn
            .filter(({ tube }) => selected.includes(tube.piece))
            .flatMap(({ tube, points }) => dimensionShapes(tube, points, place.scale, style))
        : []),
      ...stamps,
    ],
  };
}

/** Left and right of a name in the margin: the label's edge, and air. Units of the drawing */
const LABEL_ROOM = 15;

/** What names in the margins take, so that none lies on the cage. */
const roomAside = (boxes: { name: string }[]): number =>
  Math.max(LEADER_EDGE, ...boxes.map(({ name }) => textWidth(name, STAMP) + 2 * LABEL_ROOM));

const face = (points: Point[], pen: Pen): Shape => ({ kind: 'polygon', points, pen });

interface Stamped {
  stamp: string;
  at: Point;
}

type StampOptions = Pick<CageViewOptions, 'selected' | 'width' | 'height'> & {
  shown: CageViewOptions['stamps'];
};

/** The stamps of tubes and sheets, as they are wanted. */
function stampsOf(
  tubes: (Stamped & { piece: string })[],
  sheets: Stamped[],
  { shown, selected, width, height }: StampOptions,
): Shape[] {
  if (shown === 'leaders') return leaderStamps([...tubes, ...sheets], width, height);
  const taken: Label[] = [];
  return tubes
    .filter(({ piece }) => shown === 'all' || (shown === 'selected' && selected.includes(piece)))
    .flatMap((tube) => stampShapes(tube, tube.at, taken));
}

interface CarRound {
  outlines: Flat[][];
  boxes: { corners: Flat[]; name: string }[];
}

const NO_CAR: CarRound = { outlines: [], boxes: [] };

/** The body and the keep-outs, as they are seen; from the corner there is no outline of the body. */
const carRound = (survey: Plan['survey'], view: CageView): CarRound =>
  view === 'corner' ? NO_CAR : { outlines: outlinesOf(survey, view), boxes: boxesOf(survey, view) };

const farthest = (points: { near: number }[]): number =>
  points.reduce((sum, { near }) => sum + near, 0) / points.length;

const middleOf = (corners: Flat[]): Flat => ({
  right: corners.reduce((sum, { right }) => sum + right, 0) / corners.length,
  up: corners.reduce((sum, { up }) => sum + up, 0) / corners.length,
});

/** A tube as a band with its edge. half: of its diameter, in drawing units. */
export function tubeShapes(points: Point[], half: number, selected: boolean): Shape[] {
  const seen = points.filter(
    ([x, y], i) => i === 0 || Math.hypot(x - (points[i - 1]?.[0] ?? 0), y - (points[i - 1]?.[1] ?? 0)) > 0.2,
  );
  return [
    { kind: 'stroke', points: seen, width: 2 * half + 2, pen: 'steel-edge' },
    { kind: 'stroke', points: seen, width: 2 * half, pen: selected ? 'picked' : 'steel' },
  ];
}

/** A dimension line beside a tube, from end to end as it is seen, with its true length between the ends. */
function dimensionShapes(tube: Tube, points: Point[], scale: number, style: LengthStyle): Shape[] {
  const [from, to] = [points[0], points[points.length - 1]];
  if (!from || !to) return [];
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const seen = Math.hypot(dx, dy);
  if (seen < 40) return [];
  const off = (tube.od / 2) * scale + 16;
  // Above the tube, or left of one that stands.
  const sign = dx < 0 || (dx === 0 && dy > 0) ? -1 : 1;
  const aside: Point = [(sign * dy * off) / seen, (-sign * dx * off) / seen];
  const moved = ([x, y]: Point): Point => [x + aside[0], y + aside[1]];
  const [a, b] = [moved(from), moved(to)];
  const [x, y] = [(a[0] + b[0]) / 2 + aside[0] * 0.5, (a[1] + b[1]) / 2 + aside[1] * 0.5];
  const ends = distance(itemAt(tube.points, 0), itemAt(tube.points, -1));
  const text = formatWithUnit(ends, style);
  const half = textWidth(text, 17) / 2 + 6;
  return [
    { kind: 'line', from, to: a, pen: 'leader' },
    { kind: 'line', from: to, to: b, pen: 'leader' },
    { kind: 'arrow', from: a, to: b, pen: 'dimension', both: true },
    { kind: 'polygon', points: rectangle(x - half, y - STAMP, 2 * half, STAMP + 8), pen: 'label' },
    { kind: 'text', at: [x, y + 3], text, size: 17, anchor: 'middle', voice: 'figure' },
  ];
}

/** The stamp on a label at the middle of its tube, moved until it covers no other. */
export function stampShapes(tube: Pick<Tube, 'stamp'>, [mx, my]: Point, taken: Label[]): Shape[] {
  const half = textWidth(tube.stamp, STAMP) / 2 + 5;
  const free = ([x, y]: Point) =>
    taken.every((one) => Math.abs(one.x - x) > one.half + half || Math.abs(one.y - y) > STAMP + 5);
  const tries = [0, 1, 2, 3, 4, 5].flatMap((step): Point[] => [
    [mx, my - step * 20],
    [mx, my + step * 20],
    [mx + step * 30, my],
    [mx - step * 30, my],
  ]);
  const [x, y] = tries.find(free) ?? [mx, my];
  taken.push({ x, y, half });
  return stampLabel([x, y], tube.stamp);
}

/** A label that is there already. */
export interface Label {
  x: number;
  y: number;
  half: number;
}
