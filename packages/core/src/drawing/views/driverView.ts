import { lengthOf, pointAt, polylineOf, pointOn } from '../../centreline/index.ts';
import { type Tube } from '../../cage/index.ts';
import { type CockpitAnswer, type Stretch, type Volume } from '../../occupant/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { disc, type Drawing, type Point, type Shape, stampLabel } from '../drawing.ts';

interface DriverViewOptions {
  view: 'side' | 'top' | 'behind';
  width: number;
  /** Whose body is drawn; all are where it is null. */
  occupant: string | null;
}

type View = DriverViewOptions['view'];

/**
 * To the right and up on the drawing, and how near to the eye: from the left side, forward is to the left; from above, forward is
 * up; from behind, left is left.
 */
const SEEN: Record<View, (at: Vec3) => readonly [right: number, up: number, near: number]> = {
  side: ([x, y, z]) => [-x, z, y],
  top: ([x, y, z]) => [-y, x, z],
  behind: ([x, y, z]) => [-y, z, -x],
};
const EDGE = 30;
/** Round the body this much of the cage is drawn. mm */
const AROUND = 260;
/** No picture is higher than this: the tables below it are to be seen. */
const HIGHEST = 520;
const ROUND = 32;

/** A driver among the tubes of the cage: the body's volumes, and on the tubes the stretches to be padded. */
export function driverView(
  { people, padding, rooms }: CockpitAnswer,
  tubes: Tube[],
  { view, width, occupant }: DriverViewOptions,
): Drawing | null {
  const bodies = people
    .map(({ body }) => body)
    .filter((body) => body.volumes.length > 0 && (occupant === null || body.occupant === occupant));
  if (bodies.length === 0) return null;
  const see = SEEN[view];
  const volumes = bodies.flatMap((body) => body.volumes);
  const { at, scale, height } = fitted(volumes, see, width);
  const middle = volumes.reduce((sum, { from }) => sum + see(from)[2], 0) / volumes.length;
  const depthOf = ({ axis }: Tube) => see(pointOn(axis, lengthOf(axis) / 2))[2];
  const shapesOf = (own: Tube[]): Shape[] =>
    own.flatMap((tube) => [
      ...tubeShapes(tube, at, scale),
      ...padding
        .filter(({ piece }) => piece === tube.piece)
        .flatMap((stretch) => paddingShapes(stretch, tube, at, scale)),
    ]);
  const near = new Set(rooms.filter(({ gap }) => gap < NEAR).map(({ piece }) => piece));
  return {
    width,
    height,
    title: `${bodies.map(({ who }) => who || 'somebody').join(' and ')} in the cage, seen from ${FROM[view]}`,
    shapes: [
      ...shapesOf(tubes.filter((tube) => depthOf(tube) <= middle)),
      ...volumes.map((volume) => volumeShape(volume, at, scale)),
      ...bodies.flatMap(({ eye }): Shape[] =>
        eye && view !== 'behind' ? [{ kind: 'polygon', points: disc(at(eye), 4), pen: 'mark' }] : [],
      ),
      // What is nearer than the body covers it.
      ...shapesOf(tubes.filter((tube) => depthOf(tube) > middle)),
      ...frontShapes(view, [width, height]),
      ...tubes
        .filter(({ piece }) => near.has(piece))
        .flatMap((tube) => stampShapes(tube, at, [width, height])),
    ],
  };
}

/** The bodies and some of the cage round them, as large as width and height allow. */
function fitted(volumes: Volume[], see: (typeof SEEN)[View], width: number) {
  const seen = volumes.flatMap(({ from, to, radius }) =>
    [from, to].flatMap((point) => {
      const [right, up] = see(point);
      return [
        [right - radius, up - radius],
        [right + radius, up + radius],
      ] as const;
    }),
  );
  const bounds = (i: 0 | 1) =>
    [
      Math.min(...seen.map((one) => one[i])) - AROUND,
      Math.max(...seen.map((one) => one[i])) + AROUND,
    ] as const;
  const [[left, right], [low, high]] = [bounds(0), bounds(1)];
  const scale = Math.min((width - 2 * EDGE) / (right - left), (HIGHEST - 2 * EDGE) / (high - low));
  const height = (high - low) * scale + 2 * EDGE;
  const at = (point: Vec3): Point => {
    const [r, u] = see(point);
    return [width / 2 + (r - (left + right) / 2) * scale, height - EDGE - (u - low) * scale];
  };
  return { at, scale, height };
}

/** Which way the car goes; from behind it goes into the picture. */
function frontShapes(view: View, [width, height]: Point): Shape[] {
  const text = (at: Point, anchor: 'start' | 'middle'): Shape => ({
    kind: 'text',
    at,
    text: view === 'behind' ? 'left of the car' : 'front of the car',
    size: 14,
    anchor,
    voice: 'quiet',
  });
  return view === 'top'
    ? [{ kind: 'arrow', from: [24, 110], to: [24, 20], pen: 'dimension' }, text([34, 32], 'start')]
    : [
        { kind: 'arrow', from: [110, height - 14], to: [20, height - 14], pen: 'dimension' },
        text([Math.min(118, width), height - 9], 'start'),
      ];
}

const FROM: Record<View, string> = {
  side: 'the left side',
  top: 'above',
  behind: 'behind',
};
/** Tubes nearer than this are named. mm */
const NEAR = 200;

function tubeShapes({ axis, od }: Tube, at: (point: Vec3) => Point, scale: number): Shape[] {
  const points = polylineOf(axis, 6).map(at);
  return [
    { kind: 'stroke', points, width: od * scale + 2, pen: 'steel-edge' },
    { kind: 'stroke', points, width: od * scale, pen: 'steel' },
  ];
}

/** The padding on its stretch. */
function paddingShapes(
  { from, to }: Stretch,
  tube: Tube,
  at: (point: Vec3) => Point,
  scale: number,
): Shape[] {
  const parts = Math.max(1, Math.ceil((to - from) / 20));
  const points = Array.from({ length: parts + 1 }, (_, i) =>
    pointAt(tube.axis, Math.min(from + ((to - from) * i) / parts, lengthOf(tube.axis))),
  ).flatMap((point) => (point ? [at(point)] : []));
  return [{ kind: 'stroke', points, width: tube.od * scale * 0.45, pen: 'picked' }];
}

/** A capsule as it is seen: the hull of the circles at its ends. */
function volumeShape({ from, to, radius }: Volume, at: (point: Vec3) => Point, scale: number): Shape {
  const [a, b] = [at(from), at(to)];
  const turn = Math.atan2(b[1] - a[1], b[0] - a[0]);
  const half = (centre: Point, start: number): Point[] =>
    Array.from({ length: ROUND / 2 + 1 }, (_, i): Point => {
      const angle = start + (i * 2 * Math.PI) / ROUND;
      return [centre[0] + radius * scale * Math.cos(angle), centre[1] + radius * scale * Math.sin(angle)];
    });
  return {
    kind: 'polygon',
    points: [...half(a, turn + Math.PI / 2), ...half(b, turn - Math.PI / 2)],
    pen: 'body',
  };
}

/** The stamp on a label where the tube is in the picture. */
function stampShapes(tube: Tube, at: (point: Vec3) => Point, [width, height]: Point): Shape[] {
  const total = lengthOf(tube.axis);
  const inside = [0.5, 0.35, 0.65, 0.2, 0.8].flatMap((share) => {
    const [x, y] = at(pointOn(tube.axis, total * share));
    return x > 20 && x < width - 20 && y > 20 && y < height - 20 ? [[x, y] as const] : [];
  })[0];
  return inside ? stampLabel(inside, tube.stamp) : [];
}
