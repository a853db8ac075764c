import { type Tube } from '../../cage/index.ts';
import { polylineOf } from '../../centreline/index.ts';
import { type Body } from '../../occupant/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Drawing, type Point, type Shape } from '../drawing.ts';
import { personOutline, personShapes } from '../people/personShapes.ts';
import { boxesOf, boxShapes, outlinesOf, seenAt } from './carBody.ts';
import { type Flat, fitted, PROJECTIONS, type SquareView } from './projections.ts';

/** All that is known of a car. */
export interface CarSeen {
  survey: Plan['survey'];
  tubes: readonly Tube[];
  people: readonly Body[];
  /** Places that are in the picture whatever else is. mm */
  places: readonly Vec3[];
}

/** A picture of a car, and where a place of it is on the picture. */
export interface CarPicture {
  drawing: Drawing;
  at: (point: Vec3) => Point;
}

interface CarViewOptions {
  view: SquareView;
  width: number;
  height: number;
  /** Kept free at the left and at the right, for boxes. */
  aside: number;
}

/** Kept free above and below. Drawing units */
const EDGE = 34;
/** A car of which less is known is drawn no larger than this would be. mm */
const LEAST_SEEN = 600;

/**
 * The car as far as it is known, seen from its left, from above or from behind: the body by its sections, keep-outs, panels, the people in
 * it and the cage, with the lines that everything is measured from.
 */
export function carView(seen: CarSeen, { view, width, height, aside }: CarViewOptions): CarPicture {
  const see = PROJECTIONS[view];
  const { survey, tubes, people } = seen;
  const body = outlinesOf(survey, view);
  const boxes = boxesOf(survey, view);
  const all: Flat[] = [
    see([0, 0, 0]),
    ...body.flat(),
    ...boxes.flatMap(({ corners }) => corners),
    ...seen.places.map(see),
    ...tubes.flatMap(({ axis }) => polylineOf(axis, 12).map(see)),
    ...people.flatMap((one) => personOutline(one, view)),
  ];
  const place = fitted(all, { width, height, aside, edge: EDGE, least: LEAST_SEEN });
  const at = (point: Vec3) => place.at(see(point));
  const lines = tubes.map((tube) => ({ od: tube.od, points: polylineOf(tube.axis, 6).map(at) }));
  return {
    at,
    drawing: {
      width,
      height,
      title: `The car as far as it is known, seen from ${FROM[view]}`,
      shapes: [
        ...body.map((points): Shape => ({ kind: 'polygon', points: points.map(place.at), pen: 'body' })),
        ...referenceShapes(view, at, width, height),
        ...people.flatMap((one) => personShapes(one, { view, at, scale: place.scale })),
        ...lines.map(({ points, od }): Shape => ({
          kind: 'stroke',
          points,
          width: od * place.scale,
          pen: 'ghost',
        })),
        ...boxes.flatMap(({ corners, name }) => boxShapes(corners.map(place.at), name)),
        ...survey.planes.flatMap((panel) => panelShapes(panel, view, place.at)),
      ],
    },
  };
}

const FROM: Record<SquareView, string> = { side: 'its left', top: 'above', front: 'behind' };

/** Drawn this far where a panel reaches everywhere. mm */
const PANEL = 450;

/** A panel as the line it is seen as; none where it is looked at flat. */
function panelShapes(
  { at, normal, reach, name }: Plan['survey']['planes'][number],
  view: SquareView,
  put: (point: Flat) => Point,
): Shape[] {
  const middle = seenAt(at, view);
  const square = seenAt(normal, view);
  const long = Math.hypot(square.right, square.up);
  if (long < 0.5 * Math.hypot(...normal.map(({ mm }) => mm))) return [];
  const half = (reach?.mm ?? PANEL) / long;
  const end = (sign: 1 | -1): Point =>
    put({ right: middle.right - sign * square.up * half, up: middle.up + sign * square.right * half });
  const [from, to] = [end(1), end(-1)];
  return [
    { kind: 'line', from, to, pen: 'dimension' },
    {
      kind: 'text',
      at: [Math.min(from[0], to[0]), from[1] - 5],
      text: name,
      size: 13,
      anchor: 'start',
      voice: 'quiet',
    },
  ];
}

/** The lines that everything is measured from: the floor, the plane through the hoop's feet, the centre line of the car. */
function referenceShapes(
  view: SquareView,
  at: (point: Vec3) => Point,
  width: number,
  height: number,
): Shape[] {
  const [x, y] = at([0, 0, 0]);
  const named = (text: string, where: Point, anchor: 'start' | 'middle'): Shape => ({
    kind: 'text',
    at: where,
    text,
    size: 13,
    anchor,
    voice: 'quiet',
  });
  const level: Shape[] = [
    { kind: 'line', from: [8, y], to: [width - 8, y], pen: 'centre' },
    named(view === 'top' ? "the hoop's feet" : 'floor', [10, y + 15], 'start'),
  ];
  const upright: Shape[] = [
    { kind: 'line', from: [x, 22], to: [x, height - 6], pen: 'centre' },
    named(view === 'side' ? "the hoop's feet" : 'centre line', [x, 16], 'middle'),
  ];
  return [...level, ...upright];
}
