import { kept } from '../../kept/index.ts';
import { distanceToPath, nearestOnPath } from '../../centreline/index.ts';
import { outside, type Seam, type SweptTube } from '../../cope/index.ts';
import { radians, NOISE } from '../../measure/index.ts';
import { type Plan } from '../../plan/index.ts';
import { add, cross, length, rotateAbout, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type Roof, roofOf } from '../clearance/roof.ts';
import { areApart, type Box, boxOf, type Tube } from '../tube.ts';

/** How much of a seam the torch cannot get at, where the cage is welded. mm */
export interface SeamReach {
  hidden: number;
  /** How much further the cage would have to be let down for the roof to leave room; 0 where it does. */
  drop: number;
  /** Whether the roof over all of it is known: where it is not, more may be out of reach. */
  roofKnown: boolean;
}

/** A tube that may stand in the way, with its place in the order of fitting. */
export interface Other {
  tube: Tube;
  surface: SweptTube;
  box: Box;
  place: number;
}

/** The nozzle begins this far from the seam: the wire's stick-out. mm, common practice */
const STICK_OUT = 15;
/** A nozzle is looked at at least every so many mm of its length, a seam at every so many of its places. */
const ALONG = 10;
const EVERY = 6;
/** How far a welder leans the torch off the middle of the corner: along the seam, and across. Degrees, common practice */
const LEANS = [0, 40, -40];
const TIPS = [0, 25, -25];

/** The nozzle's size, and what may stand in its way. mm */
interface TorchRoom {
  radius: number;
  /** Where along the nozzle it is looked at, its end among them. mm from the seam */
  stations: number[];
  /** null where the roof is out of the way. */
  toRoof: ((at: Vec3) => number | null) | null;
  near: SweptTube[];
}

/** The torch as a plan has it, and where the cage is welded. */
interface Torch {
  radius: number;
  room: number;
  roof: Roof;
  position: Plan['weldPosition'];
}

/**
 * A measure of what the torch cannot reach of a seam. The nozzle is as thick as the plan's torch room and needs the body room's
 * length in front of the seam, at some lean that a welder takes. In the way are tubes fitted before, and the roof over the cage
 * where it is slid and let down to be welded. order: of fitting, by piece.
 */
export function torchIn(plan: Plan, order: Map<string, number>) {
  const { coping, weldPosition } = plan;
  const torch = torchOf(weldPosition, roofOf(plan), coping.torchRoom.mm / 2, coping.bodyRoom.mm);
  const reach = torch.room + torch.radius;
  return (tube: Tube, headers: Tube[], seam: Seam, others: Other[]): SeamReach => {
    const box = boxOfSeam(seam);
    const place = order.get(tube.piece) ?? Infinity;
    const near = others
      .filter(
        (other) =>
          other.place < place &&
          !headers.some(({ piece }) => piece === other.tube.piece) &&
          !areApart(box, other.box, reach + other.tube.od / 2),
      )
      .map(({ surface }) => surface);
    return reachOf(seam, torch, tube, headers, near);
  };
}

/** The box that holds a seam. mm */
export const boxOfSeam = kept(({ line }: Seam): Box => boxOf({ points: line.filter((at) => at !== null) }));

const torchOf = kept((position: Plan['weldPosition'], roof: Roof, radius: number, room: number): Torch => ({
  radius,
  room,
  roof,
  position,
}));

const reachOf = kept(
  (seam: Seam, torch: Torch, tube: Tube, headers: Tube[], near: SweptTube[]): SeamReach => {
    const { radius, room, roof, position } = torch;
    const looked = seam.line.flatMap((at, i) => (at && i % EVERY === 0 ? [{ at, i }] : []));
    if (seam.line.every((at) => at === null)) return { hidden: 0, drop: 0, roofKnown: true };
    const toRoof = ([x, y, z]: Vec3): number | null =>
      roof.kind === 'open' ? Infinity : roof.gap([x + position.forward.mm, y, z - position.drop.mm]);
    const gaps = looked.map(({ at }) => toRoof(at));
    const roofKnown = gaps.every((gap) => gap !== null);
    const nearest = leastOf(gaps);
    const underRoof = nearest < room + radius;
    if (near.length === 0 && !underRoof) return { hidden: 0, drop: 0, roofKnown };
    const around: TorchRoom = {
      radius,
      stations: stationsTo(room),
      toRoof: underRoof ? toRoof : null,
      near,
    };
    const hidden = looked.filter(
      ({ at, i }) => !isReached(at, cornerAt(seam.line, i, at, tube, headers), around),
    );
    const share = hidden.length / Math.max(looked.length, 1);
    return {
      hidden: share * seam.length,
      drop: share > 0 ? Math.max(0, room + radius - nearest) : 0,
      roofKnown,
    };
  },
);

const leastOf = (gaps: (number | null)[]): number =>
  gaps.reduce<number>((least, gap) => Math.min(least, gap ?? Infinity), Infinity);

/** The corner that the seam fills: its middle between both surfaces, and the seam's own direction. */
function cornerAt(line: Seam['line'], i: number, at: Vec3, tube: Tube, headers: Tube[]) {
  const out = ({ axis }: Tube): Vec3 => direction(subtract(at, nearestOnPath(at, axis)));
  const header = headers.reduce((best, one) =>
    Math.abs(distanceToPath(at, one.axis) - one.od / 2) <
    Math.abs(distanceToPath(at, best.axis) - best.od / 2)
      ? one
      : best,
  );
  const middle = direction(add(out(tube), out(header)));
  const next = line[(i + 1) % line.length] ?? line[(i - 1 + line.length) % line.length] ?? at;
  return { middle, along: direction(subtract(next, at)) };
}

/** A direction, or straight up where there is none. */
const direction = (a: Vec3): Vec3 => (length(a) < NOISE ? [0, 0, 1] : unit(a));

/** Whether the nozzle finds a way at one of the leans. */
function isReached(at: Vec3, { middle, along }: { middle: Vec3; along: Vec3 }, around: TorchRoom): boolean {
  if (isFree(at, middle, around)) return true;
  const across = direction(cross(along, middle));
  return LEANS.some((lean) =>
    TIPS.some((tip) => {
      const leant = rotateAbout(across, radians(lean), middle);
      return isFree(at, rotateAbout(along, radians(tip), leant), around);
    }),
  );
}

function stationsTo(room: number): number[] {
  const steps = Math.max(1, Math.ceil((room - STICK_OUT) / ALONG));
  return Array.from({ length: steps + 1 }, (_, i) => STICK_OUT + ((room - STICK_OUT) * i) / steps);
}

function isFree(at: Vec3, toward: Vec3, { radius, stations, toRoof, near }: TorchRoom): boolean {
  for (const out of stations) {
    const nozzle = add(at, scale(toward, out));
    const roof = toRoof?.(nozzle) ?? Infinity;
    if (roof < radius) return false;
    if (near.some((tube) => outside(tube, nozzle[0], nozzle[1], nozzle[2]) < radius)) return false;
  }
  return true;
}
