import { type Tube } from '../../cage/index.ts';
import { polylineOf } from '../../centreline/index.ts';
import { type Body } from '../../occupant/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Drawing, type Point, type Shape } from '../drawing.ts';
import { personShapes } from '../people/personShapes.ts';
import { type PeopleView, SEEN } from '../people/seen.ts';
import { bodyOutline, outlinePoints } from './bodyOutline.ts';

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

/** The body by its sections: each one from behind, what they reach to from the side and from above. mm on the drawing */
function outlinesOf({ ribs, measures }: Plan['survey'], view: PeopleView): Point[][] {
  if (view === 'behind') {
    const measured = Object.keys(measures).length > 0 ? [outlinePoints(bodyOutline(measures))] : [];
    return [
      ...ribs.map(({ points }) => bothSides(points.map(({ out, up }) => [out.mm, up.mm]))),
      ...measured,
    ];
  }
  if (ribs.length < 2) return [];
  const along = [...ribs].sort((a, b) => a.forward.mm - b.forward.mm);
  const edge = ({ forward }: Rib, other: number): Point =>
    view === 'side' ? [-forward.mm, other] : [other, forward.mm];
  const reach = (rib: Rib): [least: number, most: number] => {
    const figures = rib.points.map(({ out, up }) => (view === 'side' ? up.mm : out.mm));
    const most = Math.max(...figures);
    return [view === 'side' ? Math.min(...figures) : -most, most];
  };
  return [
    [
      ...along.map((rib) => edge(rib, reach(rib)[1])),
      ...[...along].reverse().map((rib) => edge(rib, reach(rib)[0])),
    ],
  ];
}

type Rib = Plan['survey']['ribs'][number];

const bothSides = (half: Point[]): Point[] => [
  ...half,
  ...half.map(([out, up]): Point => [-out, up]).reverse(),
];

type Box = Plan['survey']['keepOuts'][number];

/** The rectangle that a box between two corners is seen as. */
function boxOf({ from, to }: Box, see: (point: Vec3) => Point): Point[] {
  const [a, b] = [from, to].map((corner) => see([corner[0].mm, corner[1].mm, corner[2].mm]));
  if (!a || !b) return [];
  return [a, [b[0], a[1]], b, [a[0], b[1]]];
}

function boxShapes(corners: Point[], name: string): Shape[] {
  const [x, y] = [Math.min(...corners.map(([at]) => at)), Math.min(...corners.map(([, at]) => at))];
  return [
    { kind: 'polygon', points: corners, pen: 'keep-out', hatched: true },
    { kind: 'text', at: [x, y - 5], text: name, size: 13, anchor: 'start', voice: 'quiet' },
  ];
}

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
