import { kept } from '../../kept/index.ts';
import { arcsIn, directionAt, lengthOf, type Piece, pointOn } from '../../centreline/index.ts';
import { cross, distance, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type Tube } from '../tube.ts';

/** What can be measured on a bent tube, along which no tape finds its length. mm */
export interface BentLengths {
  /** From the ear of each end to where its first bend starts. */
  toTangent: [a: number, b: number];
  /** Straight across between the middles of its cut ends: of a hoop, its feet. */
  endToEnd: number;
  /** The box that it lies in, outside to outside: along the line between its ends, across it, and out of its plane. */
  box: [along: number, across: number, out: number];
}

/** Places of the axis are looked at this often for the box. mm */
const SPACING = 5;

type Ears = [a: number, b: number];

/** null for a straight tube. ears: setbacks of the long points of both cuts. */
export const bentLengths = kept(({ axis, od }: Tube, ...ears: Ears): BentLengths | null => {
  const arcs = arcsIn(axis);
  const [first, last] = [arcs[0], arcs.at(-1)];
  if (!first || !last) return null;
  const total = lengthOf(axis);
  const [start, end] = [Math.max(ears[0], 0), total - Math.max(ears[1], 0)];
  const [from, to] = [pointOn(axis, start), pointOn(axis, end)];
  const places = placesBetween(axis, start, end);
  const [along, across, out] = frameOf(
    places.map(({ at }) => at),
    from,
    to,
  );
  const extent = (direction: Vec3) => {
    // A tube reaches its radius beyond its axis, less where it runs in that direction itself.
    const reach = places.map(({ at, run }) => ({
      at: dot(at, direction),
      beyond: (od / 2) * Math.sqrt(Math.max(0, 1 - dot(run, direction) ** 2)),
    }));
    return (
      Math.max(...reach.map((one) => one.at + one.beyond)) -
      Math.min(...reach.map((one) => one.at - one.beyond))
    );
  };
  return {
    toTangent: [first.start - ears[0], total - last.start - last.length - ears[1]],
    endToEnd: distance(from, to),
    box: [extent(along), extent(across), extent(out)],
  };
});

const placesBetween = (axis: Piece[], start: number, end: number) => {
  const steps = Math.max(1, Math.ceil((end - start) / SPACING));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const along = start + ((end - start) * i) / steps;
    return { at: pointOn(axis, along), run: directionAt(axis, along) };
  });
};

/** Along the line between the ends, toward the place farthest from it, and square to both. */
function frameOf(places: Vec3[], from: Vec3, to: Vec3): [Vec3, Vec3, Vec3] {
  const along = unit(subtract(to, from));
  const off = (at: Vec3): Vec3 => {
    const way = subtract(at, from);
    return subtract(way, scale(along, dot(way, along)));
  };
  const farthest = places.map(off).reduce((best, one) => (length(one) > length(best) ? one : best));
  const across = unit(farthest);
  return [along, across, cross(along, across)];
}
