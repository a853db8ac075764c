import { nearestOnPath, type Piece } from '../../centreline/index.ts';
import { andThen, collect, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt, pairOf } from '../../items/index.ts';
import { type PartOf } from '../../plan/index.ts';
import { add, cross, distance, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { STEEL_DENSITY } from '../../tube/index.ts';
import { rowOf, type StandingTube } from '../placing/attach.ts';
import { type Row } from '../placing/row.ts';
import { type Tube } from '../tube.ts';
import { type BarPanel, type PanelTab, type PartShape } from './partShape.ts';
import { areaOf } from './plates.ts';

type Flat = readonly [number, number];

/** The straight of a bar that the panel lies along. */
interface Edge {
  tube: Tube;
  at: Vec3;
  along: Vec3;
}

/** A plane through the bars, with its own two directions. */
interface Plane {
  centre: Vec3;
  right: Vec3;
  up: Vec3;
  normal: Vec3;
}

/** Directions that turn less than this from each other run side by side, and make no corner. */
const PARALLEL = 0.02;

/** The sheet that bars go round, in the order in which they are named: whether they lie in one plane, its true outline, its tabs. */
export function barPanel(part: PartOf<'bar-panel'>, standing: StandingTube[]): Outcome<PartShape> {
  const rows = collect(part.bars.map((bar) => andThen(rowOf(bar, standing), ({ row }) => succeed(row))));
  return andThen(rows, (bars) =>
    andThen(edgesOf(bars), (edges) => andThen(cornersOf(edges), (met) => sheetOf(part, edges, met))),
  );
}

/** The straight of each bar that is nearest to where all of them are. */
function edgesOf(rows: Row[]): Outcome<Edge[]> {
  const axes = rows.map((row) => row.flatMap(({ axis }) => axis));
  const middles = axes.map((axis) => longestOf(axis)).map(({ from, to }) => scale(add(from, to), 0.5));
  const about = meanOf(middles);
  const centre = meanOf(axes.map((axis) => nearestOnPath(about, axis)));
  return collect(
    rows.map((row): Outcome<Edge> => {
      const [best] = row
        .flatMap((tube) => tube.axis.filter(isStraight).map((piece) => ({ tube, piece })))
        .sort((a, b) => offOf(centre, a.piece) - offOf(centre, b.piece));
      if (!best) return fail('bar-panel', '', `${row[0].stamp} has no straight for a panel to lie along`);
      const { from, to } = best.piece;
      return succeed({ tube: best.tube, at: from, along: unit(subtract(to, from)) });
    }),
  );
}

type Straight = Extract<Piece, { kind: 'straight' }>;
const isStraight = (piece: Piece): piece is Straight => piece.kind === 'straight' && piece.length > 1;

const offOf = (point: Vec3, piece: Straight): number => distance(point, nearestOnPath(point, [piece]));

function longestOf(axis: Piece[]): { from: Vec3; to: Vec3 } {
  const straights = axis.filter(isStraight);
  const start: { from: Vec3; to: Vec3; length: number } = { from: [0, 0, 0], to: [0, 0, 0], length: 0 };
  return straights.reduce((best, one) => (one.length > best.length ? one : best), start);
}

const meanOf = (points: Vec3[]): Vec3 =>
  scale(
    points.reduce((sum, one) => add(sum, one), [0, 0, 0] as Vec3),
    1 / points.length,
  );

/** Where each bar comes nearest to the next one: on its own axis, and on the next one's. */
interface Corner {
  own: Vec3;
  next: Vec3;
}

function cornersOf(edges: Edge[]): Outcome<Corner[]> {
  return collect(
    edges.map((edge, i): Outcome<Corner> => {
      const next = itemAt(edges, (i + 1) % edges.length);
      const turn = dot(edge.along, next.along);
      const square = 1 - turn * turn;
      if (square < PARALLEL)
        return fail(
          'bar-panel',
          '',
          `${edge.tube.stamp} and ${next.tube.stamp} run side by side and make no corner: name the bars in order round the panel`,
        );
      const off = subtract(next.at, edge.at);
      const s = (dot(off, edge.along) - dot(off, next.along) * turn) / square;
      const t = (dot(off, edge.along) * turn - dot(off, next.along)) / square;
      return succeed({
        own: add(edge.at, scale(edge.along, s)),
        next: add(next.at, scale(next.along, t)),
      });
    }),
  );
}

function planeOf(met: Corner[]): Plane | null {
  const corners = met.map(({ own, next }) => scale(add(own, next), 0.5));
  const centre = meanOf(corners);
  // Newell's method: the plane of a polygon that need not be flat.
  const normal = corners.reduce<Vec3>(
    (sum, one, i) => {
      const next = itemAt(corners, (i + 1) % corners.length);
      return add(sum, cross(subtract(one, centre), subtract(next, centre)));
    },
    [0, 0, 0],
  );
  if (length(normal) < 1) return null;
  const square = unit(normal);
  // The first bar runs from the last corner to the first.
  const first = subtract(itemAt(corners, 0), itemAt(corners, -1));
  const right = unit(subtract(first, scale(square, dot(first, square))));
  return { centre, right, up: cross(square, right), normal: square };
}

function sheetOf(part: PartOf<'bar-panel'>, edges: Edge[], met: Corner[]): Outcome<PartShape> {
  const plane = planeOf(met);
  if (!plane) return fail('bar-panel', '', 'the bars lie in one line: there is no panel between them');
  const flat = (at: Vec3): Flat => {
    const off = subtract(at, plane.centre);
    return [dot(off, plane.right), dot(off, plane.up)];
  };
  const lines = edges.map((edge, i) => {
    const before = itemAt(met, (i + edges.length - 1) % edges.length);
    return { edge, from: flat(before.next), to: flat(itemAt(met, i).own) };
  });
  const inset = (tube: Tube) => (part.sits === 'between' ? tube.od / 2 + part.gap.mm : 0);
  const sides = lines.map(({ edge, from, to }) => inward(from, to, inset(edge.tube)));
  const corners = sides.map((side, i) =>
    crossing(itemAt(sides, (i + sides.length - 1) % sides.length), side),
  );
  const turns = sides.every((side, i) => {
    const [from, to] = [itemAt(corners, i), itemAt(corners, (i + 1) % corners.length)];
    return (to[0] - from[0]) * side.along[0] + (to[1] - from[1]) * side.along[1] > 1;
  });
  if (!turns)
    return fail(
      'bar-panel',
      '',
      told`nothing of the panel is left between these bars with ${{ mm: part.gap.mm }} of gap: check their order, or leave less gap`,
    );
  const spots = sides.flatMap((side, i) => {
    const ends = [itemAt(corners, i), itemAt(corners, (i + 1) % corners.length)] as const;
    return tabSpots(part, itemAt(lines, i).edge, side, ends);
  });
  const inCar = ([x, y]: Flat): Vec3 => add(plane.centre, add(scale(plane.right, x), scale(plane.up, y)));
  const panel: BarPanel = {
    corners,
    holes: spots.map(({ hole }) => ({ at: hole, diameter: part.tabs.hole.mm })),
    offPlane: edges.map(({ tube }, i) => ({ stamp: tube.stamp, mm: offPlane(plane, met, i) })),
    tabs: spots.map(({ edge, on }) => tabOn(edge.tube, inCar(on))),
  };
  const size = pairOf([0, 1] as const, (axis) => spanOf(corners.map((one) => one[axis])));
  return succeed({
    at: plane.centre,
    figures: [
      { name: 'off-plane', mm: Math.max(...panel.offPlane.map(({ mm }) => mm)) },
      { name: 'panel-width', mm: size[0] },
      { name: 'panel-height', mm: size[1] },
    ],
    points: [],
    mass: areaOf(corners) * part.thickness.mm * STEEL_DENSITY * 1e-9,
    panel,
  });
}

const spanOf = (some: number[]): number => Math.max(...some) - Math.min(...some);

/** How far a bar's axis lies off the plane, at the worse of its two corners. */
const offPlane = ({ centre, normal }: Plane, met: Corner[], i: number): number => {
  const ends = [itemAt(met, (i + met.length - 1) % met.length).next, itemAt(met, i).own];
  return Math.max(...ends.map((at) => Math.abs(dot(subtract(at, centre), normal))));
};

/** An edge of the sheet, with the direction in which its bars go round it and the one to its inside. */
interface Side {
  at: Flat;
  along: Flat;
  inside: Flat;
}

/** Corners go round to the left: inside is there. */
function inward(from: Flat, to: Flat, by: number): Side {
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const along: Flat = [(to[0] - from[0]) / span, (to[1] - from[1]) / span];
  const inside: Flat = [-along[1], along[0]];
  return { at: [from[0] + inside[0] * by, from[1] + inside[1] * by], along, inside };
}

function crossing(one: Side, other: Side): Flat {
  const turn = one.along[0] * other.along[1] - one.along[1] * other.along[0];
  const off: Flat = [other.at[0] - one.at[0], other.at[1] - one.at[1]];
  const run = (off[0] * other.along[1] - off[1] * other.along[0]) / turn;
  return [one.at[0] + one.along[0] * run, one.at[1] + one.along[1] * run];
}

/** Tabs evenly along an edge: the hole in the sheet, and the place beside it on the edge. */
function tabSpots(
  { tabs }: PartOf<'bar-panel'>,
  edge: Edge,
  { along, inside }: Side,
  [from, to]: readonly [Flat, Flat],
): { edge: Edge; hole: Flat; on: Flat }[] {
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]);
  return Array.from({ length: tabs.each }, (_, k) => {
    const run = (span * (k + 0.5)) / tabs.each;
    const on: Flat = [from[0] + along[0] * run, from[1] + along[1] * run];
    return { edge, on, hole: [on[0] + inside[0] * tabs.reach.mm, on[1] + inside[1] * tabs.reach.mm] };
  });
}

function tabOn(tube: Tube, near: Vec3): PanelTab {
  const at = nearestOnPath(near, tube.axis);
  let [along, best] = [0, Infinity];
  for (const piece of tube.axis) {
    const on = nearestOnPath(near, [piece]);
    const off = distance(on, near);
    if (off < best && piece.kind === 'straight')
      [along, best] = [piece.start + distance(piece.from, on), off];
  }
  return { stamp: tube.stamp, along, at };
}
