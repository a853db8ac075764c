import { itemAt } from '../items/index.ts';
import { type Tube } from '../cage/index.ts';
import { arcsIn, crossingsOf, lengthOf, type Piece, pointOn } from '../centreline/index.ts';
import { degrees, radians } from '../measure/index.ts';
import { add, cross, distance, rotateAbout, subtract, type Vec3 } from '../space/index.ts';
import { type AsBuiltPoint } from './point.ts';

/** The figures of a main hoop that a tape or a protractor finds on it. belt: the height of the belt line, mm. */
export function hoopPoints(hoop: Tube, belt: number | null): AsBuiltPoint[] {
  const { axis, od } = hoop;
  const [left, right] = [pointOn(axis, 0), pointOn(axis, lengthOf(axis))];
  const top = topOfLegs(axis);
  const crown = Math.max(...hoop.points.map(([, , z]) => z));
  const widths = [
    width(axis, 'belt', belt ?? crown / 2),
    ...(top === null ? [] : [width(axis, 'roof', top)]),
  ].flatMap((one) => one ?? []);
  const [first, last] = crownBends(axis);
  return [
    {
      key: 'hoop:feet',
      what: { kind: 'width', at: 'feet', up: Math.min(left[2], right[2]) },
      planned: distance(left, right),
    },
    ...widths,
    ...(first && last
      ? [diagonal('left', distance(left, last)), diagonal('right', distance(right, first))]
      : []),
    ...heights(axis, od),
    lean('left', itemAt(axis, 0)),
    lean('right', itemAt(axis, -1)),
    { key: 'hoop:twist', what: { kind: 'twist' }, planned: 0 },
  ];
}

/** The middles of the bends between which the crown lies, on the axis: left and right. */
export function crownBends(axis: Piece[]): [left: Vec3 | null, right: Vec3 | null] {
  const middles = arcsIn(axis).map((arc) =>
    add(arc.centre, rotateAbout(arc.normal, radians(arc.angle / 2), arc.radius)),
  );
  const highest = (isSide: (y: number) => boolean) =>
    middles
      .filter(([, y]) => isSide(y))
      .reduce<Vec3 | null>((best, one) => (best && best[2] >= one[2] ? best : one), null);
  return [highest((y) => y > 0), highest((y) => y < 0)];
}

const diagonal = (from: 'left' | 'right', planned: number): AsBuiltPoint => ({
  key: `hoop:diagonal-${from}`,
  what: { kind: 'diagonal', from },
  planned,
});

/** Across the legs at a height; null where they are not both there. */
function width(axis: Piece[], at: 'belt' | 'roof', up: number): AsBuiltPoint | null {
  const across = crossingsOf(axis, ([, , z]) => z - up).map((along) => pointOn(axis, along));
  const [a, b] = [across[0], across.at(-1)];
  if (!a || !b || a === b) return null;
  return { key: `hoop:${at}`, what: { kind: 'width', at, up }, planned: distance(a, b) };
}

/** How high the straights of the legs reach that end in the crown's bends; the lower of both sides. */
function topOfLegs(axis: Piece[]): number | null {
  const straights = axis.flatMap((piece) => (piece.kind === 'straight' ? [piece] : []));
  const rising = straights.filter(({ from, to }) => Math.abs(to[2] - from[2]) > Math.abs(to[1] - from[1]));
  const side = (isSide: (y: number) => boolean) =>
    rising.filter(({ from, to }) => isSide(from[1] + to[1])).map(({ from, to }) => Math.max(from[2], to[2]));
  const [left, right] = [side((y) => y > 0), side((y) => y < 0)];
  return left.length === 0 || right.length === 0 ? null : Math.min(Math.max(...left), Math.max(...right));
}

/** The crown's top a quarter of its width in from either side. */
function heights(axis: Piece[], od: number): AsBuiltPoint[] {
  const [left, right] = crownBends(axis);
  if (!left || !right) return [];
  const in4 = (left[1] - right[1]) / 4;
  return (
    [
      ['left', left[1] - in4],
      ['right', right[1] + in4],
    ] as const
  ).flatMap(([side, y]) => {
    const tops = crossingsOf(axis, (at) => at[1] - y).map((along) => pointOn(axis, along)[2]);
    if (tops.length === 0) return [];
    return [
      { key: `hoop:height-${side}`, what: { kind: 'height', side }, planned: Math.max(...tops) + od / 2 },
    ];
  });
}

/** The lean of a leg's lowest straight. */
function lean(side: 'left' | 'right', piece: Piece): AsBuiltPoint {
  const [dy, dz] =
    piece.kind === 'straight' ? [piece.to[1] - piece.from[1], piece.to[2] - piece.from[2]] : tangent(piece);
  const inward = (side === 'left' ? -1 : 1) * Math.sign(dz || 1) * dy;
  return {
    key: `hoop:lean-${side}`,
    what: { kind: 'lean', side },
    planned: degrees(Math.atan2(inward, Math.abs(dz))),
  };
}

function tangent({ normal, radius }: Extract<Piece, { kind: 'arc' }>): [number, number] {
  const along = cross(normal, radius);
  return [along[1], along[2]];
}

/** From a foot up to its first bend, square to the line between the feet: what a foot's error is a lever's end of. mm */
export function legHeights(axis: Piece[]): { left: number; right: number } {
  const [left, right] = crownBends(axis);
  const feet = [pointOn(axis, 0), pointOn(axis, lengthOf(axis))] as const;
  const up = (bend: Vec3 | null, foot: Vec3) =>
    bend ? Math.hypot(subtract(bend, foot)[0], subtract(bend, foot)[2]) : 0;
  return { left: up(left, feet[0]), right: up(right, feet[1]) };
}
