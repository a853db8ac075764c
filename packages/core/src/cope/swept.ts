import { itemAt, tripleOf } from '../items/index.ts';
import { kept } from '../kept/index.ts';
import { directionAt, lengthOf, type Piece, pointOn } from '../centreline/index.ts';
import { radians } from '../measure/index.ts';
import { add, cross, dot, length, scale, subtract, unit, type Vec3 } from '../space/index.ts';

/** A part of an axis whose ends go on straight. `low` and `high` bound a straight along its direction, mm. */
type Element =
  | { kind: 'straight'; from: Vec3; along: Vec3; low: number; high: number }
  | {
      kind: 'arc';
      centre: Vec3;
      normal: Vec3;
      x: Vec3;
      y: Vec3;
      radius: number;
      turn: number;
      /** Where the arc ends in its plane, along x and y, on the unit circle. */
      stop: { cosine: number; sine: number };
    };

/** The surface of a tube as what lies at `radius` from its axis, its ends going on straight. Any frame, mm. */
export interface SweptTube {
  elements: Element[];
  radius: number;
}

/**
 * The swept surface of a tube of outside diameter `od` round an axis. ends: of a header they go on straight; a tube beside a seam
 * ends where its axis does.
 */
export const sweptTube = (axis: Piece[], od: number, ends: 'go-on' | 'closed' = 'go-on'): SweptTube =>
  (ends === 'go-on' ? goingOn : closed)(axis, od);

const goingOn = kept((axis: Piece[], od: number) => sweep(axis, od, 'go-on'));
const closed = kept((axis: Piece[], od: number) => sweep(axis, od, 'closed'));

function sweep(axis: Piece[], od: number, ends: 'go-on' | 'closed'): SweptTube {
  const beyond = ends === 'go-on' ? Infinity : 0;
  const solid = axis.filter((piece) => piece.kind === 'arc' || piece.length > 0);
  const first = solid[0];
  const last = solid[solid.length - 1];
  const elements = solid.map((piece): Element => {
    if (piece.kind === 'straight')
      return {
        kind: 'straight',
        from: piece.from,
        along: unit([piece.to[0] - piece.from[0], piece.to[1] - piece.from[1], piece.to[2] - piece.from[2]]),
        low: piece === first ? -beyond : 0,
        high: piece === last ? Math.max(beyond, piece.length) : piece.length,
      };
    const radius = length(piece.radius);
    const x = scale(piece.radius, 1 / radius);
    const { normal } = piece;
    const y: Vec3 = [
      normal[1] * x[2] - normal[2] * x[1],
      normal[2] * x[0] - normal[0] * x[2],
      normal[0] * x[1] - normal[1] * x[0],
    ];
    const turn = radians(piece.angle);
    const stop = { cosine: Math.cos(turn), sine: Math.sin(turn) };
    return { kind: 'arc', centre: piece.centre, normal, x, y, radius, turn, stop };
  });
  // A bend that starts at the very end still goes on straight beyond it.
  if (beyond > 0 && first?.kind === 'arc') elements.unshift(ray(pointOn(axis, 0), directionAt(axis, 0), -1));
  if (beyond > 0 && last?.kind === 'arc')
    elements.push(ray(pointOn(axis, lengthOf(axis)), directionAt(axis, lengthOf(axis)), 1));
  return { elements, radius: od / 2 };
}

const ray = (from: Vec3, along: Vec3, sign: 1 | -1): Element => ({
  kind: 'straight',
  from,
  along,
  low: sign > 0 ? 0 : -Infinity,
  high: sign > 0 ? Infinity : 0,
});

/** How far a point lies outside the surface; negative inside. mm */
export function outside(tube: SweptTube, px: number, py: number, pz: number): number {
  let least = Infinity;
  for (const element of tube.elements) {
    const squared =
      element.kind === 'straight' ? offStraight(element, px, py, pz) : offArc(element, px, py, pz);
    if (squared < least) least = squared;
  }
  return Math.sqrt(least) - tube.radius;
}

/** The number of the element that is nearest to a point. */
export function nearestElement({ elements }: SweptTube, [px, py, pz]: Vec3): number {
  const gaps = elements.map((element) =>
    element.kind === 'straight' ? offStraight(element, px, py, pz) : offArc(element, px, py, pz),
  );
  return gaps.indexOf(Math.min(...gaps));
}

/** Squared distances in plain numbers: they are asked for some hundred thousand times a cage. */
function offStraight(
  { from, along, low, high }: Extract<Element, { kind: 'straight' }>,
  px: number,
  py: number,
  pz: number,
): number {
  const [dx, dy, dz] = [px - from[0], py - from[1], pz - from[2]];
  const t = dx * along[0] + dy * along[1] + dz * along[2];
  const at = t < low ? low : t > high ? high : t;
  const [ex, ey, ez] = [dx - at * along[0], dy - at * along[1], dz - at * along[2]];
  return ex * ex + ey * ey + ez * ez;
}

function offArc(
  { centre, normal, x, y, radius, turn, stop }: Extract<Element, { kind: 'arc' }>,
  px: number,
  py: number,
  pz: number,
): number {
  const [dx, dy, dz] = [px - centre[0], py - centre[1], pz - centre[2]];
  const off = dx * normal[0] + dy * normal[1] + dz * normal[2];
  const along = dx * x[0] + dy * x[1] + dz * x[2];
  const aside = dx * y[0] + dy * y[1] + dz * y[2];
  const reach = Math.sqrt(along * along + aside * aside);
  const beforeLast = along * stop.sine - aside * stop.cosine >= 0;
  const within = turn <= Math.PI ? aside >= 0 && beforeLast : aside >= 0 || beforeLast;
  if (within) return (reach - radius) * (reach - radius) + off * off;
  // Beyond the arc the nearest of its points is an end of it.
  const [ax, bx] = [along - radius, along - radius * stop.cosine];
  const by = aside - radius * stop.sine;
  return Math.min(ax * ax + aside * aside, bx * bx + by * by) + off * off;
}

/** The place of the axis that is nearest to a point; its ends go on straight. */
export function axisNearest(tube: SweptTube, point: Vec3): Vec3 {
  const element = itemAt(tube.elements, nearestElement(tube, point));
  if (element.kind === 'straight') {
    const { from, along, low, high } = element;
    const at = Math.min(Math.max(dot(subtract(point, from), along), low), high);
    return add(from, scale(along, at));
  }
  const { centre, x, y, radius } = element;
  const at = angleOn(element, point);
  return add(centre, add(scale(x, radius * Math.cos(at)), scale(y, radius * Math.sin(at))));
}

/** How far round an arc a point lies, kept within it. Radians */
function angleOn({ centre, x, y, turn }: Extract<Element, { kind: 'arc' }>, point: Vec3): number {
  const off = subtract(point, centre);
  const angle = Math.atan2(dot(off, y), dot(off, x));
  const turned = angle < 0 ? angle + 2 * Math.PI : angle;
  return turned <= turn ? turned : turned - turn < 2 * Math.PI - turned ? turn : 0;
}

/** The direction of the axis, A → B, where it is nearest to a point; its ends go on straight. Length 1. */
export function directionNearest(tube: SweptTube, point: Vec3): Vec3 {
  const element = itemAt(tube.elements, nearestElement(tube, point));
  if (element.kind === 'straight') return element.along;
  const { normal, x, y } = element;
  const at = angleOn(element, point);
  return cross(
    normal,
    tripleOf([0, 1, 2] as const, (i) => x[i] * Math.cos(at) + y[i] * Math.sin(at)),
  );
}
