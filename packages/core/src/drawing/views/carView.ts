import { type Tube } from '../../cage/index.ts';
import { polylineOf } from '../../centreline/index.ts';
import { type Body } from '../../occupant/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Drawing, type Point, type Shape } from '../drawing.ts';
import { personShapes } from '../people/personShapes.ts';
import { type PeopleView, SEEN } from '../people/seen.ts';
import { boxOf, boxShapes, outlinesOf } from './carBody.ts';

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
  view: PeopleView;
  width: number;
  height: number;
  /** Kept free at the left and at the right, for boxes. */
  aside: number;
}

const EDGE = 34;

/**
 * The car as far as it is known, seen from its left, from above or from behind: the body by its sections, keep-outs, panels, the people in
 * it and the cage, with the lines that everything is measured from.
 */
export function carView(seen: CarSeen, { view, width, height, aside }: CarViewOptions): CarPicture {
  const see = (point: Vec3): Point => [SEEN[view](point)[0], SEEN[view](point)[1]];
  const { survey, tubes, people } = seen;
  const body = outlinesOf(survey, view);
  const boxes = survey.keepOuts.map((one) => ({ ...one, corners: boxOf(one, see) }));
  const all: Point[] = [
    see([0, 0, 0]),
    ...body.flat(),
    ...boxes.flatMap(({ corners }) => corners),
    ...seen.places.map(see),
    ...tubes.flatMap(({ axis }) => polylineOf(axis, 12).map(see)),
    // As they are drawn, shoes and seat with them: at their true size.
    ...people
      .flatMap((one) => personShapes(one, { view, at: see, scale: 1 }))
      .flatMap((shape) => (shape.kind === 'polygon' ? shape.points : [])),
  ];
  const place = fitted(all, { width, height, aside });
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
        ...survey.planes.flatMap((panel) => panelShapes(panel, see, place.at)),
      ],
    },
  };
}

const FROM: Record<PeopleView, string> = { side: 'its left', top: 'above', behind: 'behind' };

/** Drawn this far where a panel reaches everywhere. mm */
const PANEL = 450;

/** A panel as the line it is seen as; none where it is looked at flat. */
function panelShapes(
  { at, normal, reach, name }: Plan['survey']['planes'][number],
  see: (point: Vec3) => Point,
  put: (point: Point) => Point,
): Shape[] {
  const [x, y] = see([at[0].mm, at[1].mm, at[2].mm]);
  const [nx, ny] = see([normal[0].mm, normal[1].mm, normal[2].mm]);
  const long = Math.hypot(nx, ny);
  if (long < 0.5 * Math.hypot(normal[0].mm, normal[1].mm, normal[2].mm)) return [];
  const half = reach?.mm ?? PANEL;
  const [dx, dy] = [(-ny / long) * half, (nx / long) * half];
  const [from, to] = [put([x - dx, y - dy]), put([x + dx, y + dy])];
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
  view: PeopleView,
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

/** Points as large as the paper allows, in its middle. */
function fitted(points: readonly Point[], { width, height, aside }: Omit<CarViewOptions, 'view'>) {
  const spanOf = (i: 0 | 1) =>
    [Math.min(...points.map((one) => one[i])), Math.max(...points.map((one) => one[i]))] as const;
  const [[left, right], [low, high]] = [spanOf(0), spanOf(1)];
  const scale = Math.min(
    (width - 2 * aside) / Math.max(right - left, 600),
    (height - 2 * EDGE) / Math.max(high - low, 600),
  );
  const at = ([across, up]: Point): Point => [
    width / 2 + (across - (left + right) / 2) * scale,
    height / 2 - (up - (low + high) / 2) * scale,
  ];
  return { at, scale };
}
