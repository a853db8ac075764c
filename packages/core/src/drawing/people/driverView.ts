import { lengthOf, pointAt, polylineOf, pointOn } from '../../centreline/index.ts';
import { type Tube } from '../../cage/index.ts';
import { formatWithUnit, type LengthStyle } from '../../measure/index.ts';
import { type Body, type NearestTube, type Stretch } from '../../occupant/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Drawing, type Point, type Shape } from '../drawing.ts';
import { tubeShapes } from '../views/cageView.ts';
import { leaderStamps } from '../views/leaderStamps.ts';
import { fitted, PROJECTIONS, type SquareView } from '../views/projections.ts';
import { type OnDrawing, personOutline, personShapes } from './personShapes.ts';

interface DriverViewOptions {
  view: SquareView;
  width: number;
  style: LengthStyle;
}

/** Who is drawn, in the setting of the seat that is chosen, with what is near. */
interface DriverSeen {
  body: Body;
  nearest: readonly NearestTube[];
  padding: readonly Stretch[];
}

/** Kept free above and below, where the arrow to the front of the car stands. Drawing units */
const EDGE = 36;
/** Where the labels stand in the margins. Drawing units */
const MARGIN = 150;
/** No picture is higher than this: the setting below it is to be seen with it. Drawing units */
const HIGHEST = 470;

/**
 * A driver among the tubes of the cage: a body, the tube that is nearest to each part of it with the distance, and on the tubes the
 * stretches to be padded.
 */
export function driverView(
  { body, nearest, padding }: DriverSeen,
  tubes: readonly Tube[],
  { view, width, style }: DriverViewOptions,
): Drawing | null {
  if (body.volumes.length === 0) return null;
  const see = PROJECTIONS[view];
  const { at, scale, height } = placed(body, tubes, view, width);
  const on: OnDrawing = { view, at, scale };
  const middle = body.volumes.reduce((sum, { from }) => sum + see(from).near, 0) / body.volumes.length;
  const depthOf = ({ axis }: Tube) => see(pointOn(axis, lengthOf(axis) / 2)).near;
  const shapesOf = (own: readonly Tube[]): Shape[] =>
    own.flatMap((tube) => [
      ...tubeShapes(polylineOf(tube.axis, 6).map(at), (tube.od / 2) * scale, false),
      ...padding
        .filter(({ piece }) => piece === tube.piece)
        .flatMap((stretch) => paddingShapes(stretch, tube, on)),
    ]);
  return {
    width,
    height,
    title: `${body.who || 'somebody'} in the cage, seen from ${FROM[view]}`,
    shapes: [
      ...shapesOf(tubes.filter((tube) => depthOf(tube) <= middle)),
      ...personShapes(body, on),
      // What is nearer than the body covers it.
      ...shapesOf(tubes.filter((tube) => depthOf(tube) > middle)),
      ...nearest.map(({ from, to }): Shape => ({ kind: 'line', from: at(from), to: at(to), pen: 'scribed' })),
      ...frontShapes(view, [width, height]),
      ...leaderStamps(
        [
          ...nearest.map((one) => ({
            stamp: `${one.part} ${formatWithUnit(one.gap, style)} to ${one.stamp}`,
            at: at(one.from),
          })),
          ...padded(padding, tubes, at),
        ],
        width,
        height,
      ),
    ],
  };
}

/** The tubes that are to be padded, by their stamps at the middle of the stretch. */
const padded = (padding: readonly Stretch[], tubes: readonly Tube[], at: OnDrawing['at']) =>
  padding.flatMap(({ piece, from, to }) => {
    const tube = tubes.find((one) => one.piece === piece);
    return tube ? [{ stamp: `pad ${tube.stamp}`, at: at(pointOn(tube.axis, (from + to) / 2)) }] : [];
  });

/** The whole cage and the body, as large as width and height allow between the margins. */
function placed(body: Body, tubes: readonly Tube[], view: SquareView, width: number) {
  const see = PROJECTIONS[view];
  const seen = [...personOutline(body, view), ...tubes.flatMap(({ axis }) => polylineOf(axis, 12).map(see))];
  const frame = { width, height: HIGHEST, aside: Math.min(MARGIN, width / 4), edge: EDGE };
  const height = fitted(seen, frame).tall + 2 * EDGE;
  const { at, scale } = fitted(seen, { ...frame, height });
  return { at: (point: Vec3) => at(see(point)), scale, height };
}

/** Which way the car goes; from behind it goes into the picture. */
function frontShapes(view: SquareView, [width, height]: Point): Shape[] {
  const text = (at: Point, anchor: 'start' | 'middle'): Shape => ({
    kind: 'text',
    at,
    text: view === 'front' ? 'left of the car' : 'front of the car',
    size: 14,
    anchor,
    voice: 'quiet',
  });
  const x = width / 2;
  return view === 'top'
    ? [
        { kind: 'arrow', from: [x, height - 4], to: [x, height - 30], pen: 'dimension' },
        text([x + 10, height - 9], 'start'),
      ]
    : [
        { kind: 'arrow', from: [x, height - 12], to: [x - 90, height - 12], pen: 'dimension' },
        text([x + 8, height - 8], 'start'),
      ];
}

const FROM: Record<SquareView, string> = {
  side: 'the left side',
  top: 'above',
  front: 'behind',
};

/** The padding on its stretch. */
function paddingShapes({ from, to }: Stretch, tube: Tube, { at, scale }: OnDrawing): Shape[] {
  const parts = Math.max(1, Math.ceil((to - from) / 20));
  const points = Array.from({ length: parts + 1 }, (_, i) =>
    pointAt(tube.axis, Math.min(from + ((to - from) * i) / parts, lengthOf(tube.axis))),
  ).flatMap((point) => (point ? [at(point)] : []));
  return [{ kind: 'stroke', points, width: tube.od * scale * 0.45, pen: 'picked' }];
}
