import { areApart, boxOf, placeOf, roofOf, type Tube } from '../../cage/index.ts';
import { directionAt, lengthOf, pointOn } from '../../centreline/index.ts';
import { outside, type SweptTube, sweptTube } from '../../cope/index.ts';
import { NOISE } from '../../measure/index.ts';
import { type Plan } from '../../plan/index.ts';
import { add, cross, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';

/** A stretch of a tube that no brush gets round once the cage is up. mm along the axis from end A */
export interface PaintStretch {
  piece: string;
  stamp: string;
  from: number;
  to: number;
  /** The least room there, and what stands so near: a tube's stamp, the roof, or a panel's name. */
  room: number;
  beside: string | null;
}

/** Whether one of two pieces is coped to the other. */
type Joined = (piece: string, other: string) => boolean;

/** Places along a tube and round it that are looked at. mm, and how many */
const ALONG = 25;
const ROUND = 8;
/** Joints are primed when they are welded: so many diameters from an end are left out. */
const AT_JOINT = 1.5;

/**
 * Where a brush has less room than it needs between a tube and the roof, a measured panel or another tube. beside: null for the roof.
 * What nobody measured of the body is not looked at, nor the corner of a joint, which is primed when it is welded.
 */
export function paintStretches(plan: Plan, tubes: Tube[], all: Tube[], joined: Joined): PaintStretch[] {
  const brush = plan.coping.brushRoom.mm;
  const walls = wallsOf(plan);
  return tubes.flatMap((tube) => {
    const box = boxOf(tube);
    const near = all
      .filter(
        (other) =>
          other.piece !== tube.piece &&
          !joined(tube.piece, other.piece) &&
          !areApart(box, boxOf(other), brush + (tube.od + other.od) / 2),
      )
      .map((other) => ({ stamp: other.stamp, surface: sweptTube(other.axis, other.od, 'closed') }));
    const tight = placesAlong(tube).flatMap((along) => {
      const found = tightest(tube, along, near, walls);
      return found.room < brush ? [{ along, ...found }] : [];
    });
    return stretchesOf(tube, tight);
  });
}

/** A surface besides the tubes: how far a place lies from it; null where that is not known. */
interface Wall {
  name: string | null;
  gap: (at: Vec3) => number | null;
}

function wallsOf(plan: Plan): Wall[] {
  const roof = roofOf(plan);
  const panels = plan.survey.planes.map(({ name, at, normal, reach }): Wall => {
    const [from, square] = [placeOf(at), placeOf(normal)];
    return {
      name,
      gap: (place) => {
        if (length(square) < NOISE) return null;
        const off = subtract(place, from);
        const height = dot(off, unit(square));
        const aside = Math.sqrt(Math.max(0, dot(off, off) - height ** 2));
        return reach && aside > reach.mm ? null : Math.abs(height);
      },
    };
  });
  return [...(roof.kind === 'closed' ? [{ name: null, gap: roof.gap }] : []), ...panels];
}

function placesAlong({ axis, od }: Tube): number[] {
  const total = lengthOf(axis);
  const from = AT_JOINT * od;
  const count = Math.floor((total - 2 * from) / ALONG);
  return count < 1 ? [] : Array.from({ length: count + 1 }, (_, i) => from + i * ALONG);
}

/** The least room beside a place of a tube, square off its surface. */
function tightest(
  { axis, od }: Tube,
  along: number,
  near: { stamp: string; surface: SweptTube }[],
  walls: Wall[],
): { room: number; beside: string | null } {
  const centre = pointOn(axis, along);
  const direction = directionAt(axis, along);
  const [u, v] = acrossOf(direction);
  let best: { room: number; beside: string | null } = { room: Infinity, beside: null };
  for (let k = 0; k < ROUND; k++) {
    const turn = (2 * Math.PI * k) / ROUND;
    const out = add(scale(u, Math.cos(turn)), scale(v, Math.sin(turn)));
    const [x, y, z] = add(centre, scale(out, od / 2));
    for (const { stamp, surface } of near) {
      const room = outside(surface, x, y, z);
      // Within the other: there a joint is, and nothing to be painted.
      if (room > 0 && room < best.room) best = { room, beside: stamp };
    }
    for (const { name, gap } of walls) {
      const room = gap([x, y, z]);
      if (room !== null && room < best.room) best = { room, beside: name };
    }
  }
  return best;
}

function acrossOf(direction: Vec3): [Vec3, Vec3] {
  const aside: Vec3 = Math.abs(direction[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0];
  const u = unit(cross(direction, aside));
  return [u, cross(direction, u)];
}

/** Neighbouring places in one stretch, with its tightest. */
function stretchesOf(
  { piece, stamp }: Tube,
  tight: { along: number; room: number; beside: string | null }[],
): PaintStretch[] {
  const stretches: PaintStretch[] = [];
  for (const { along, room, beside } of tight) {
    const last = stretches.at(-1);
    if (last && along - last.to <= ALONG + NOISE) {
      last.to = along;
      if (room < last.room) Object.assign(last, { room, beside });
    } else stretches.push({ piece, stamp, from: along, to: along, room, beside });
  }
  return stretches.filter(({ from, to }) => to - from >= 2 * ALONG);
}
