import { lengthOf, nearestBetween, type Piece, pointOn } from '../../centreline/index.ts';
import { leastOver, radians } from '../../measure/index.ts';
import { add, dot, length, rotateAbout, scale, subtract, type Vec3 } from '../../space/index.ts';
import { type Bender, type Wall, WALLS } from './bender.ts';
import { type Pose } from './pose.ts';
import { reachAlong } from './reach.ts';

/** What the tube can meet at the machine. */
export type Met =
  | { what: 'floor' | 'die' | 'clamp' | 'pressure-die' | 'itself' | 'operator' }
  | { what: 'wall'; wall: Wall }
  | { what: 'frame'; name: string };

/** How far the tube's surface stays off something; below nothing it is in it. mm */
export interface Clearance {
  met: Met;
  gap: number;
}

/** A die is taken to be so thick, in diameters of its tube; clamp and pressure die as thick, and as high. The program's own choice. */
const DIE_THICKNESS = 1.5;
/** Room that somebody takes who stands at the machine: radius and height, mm. The program's own choice. */
const OPERATOR = { radius: 300, height: 1800 };

/** How far the tube stays off all that is known of the machine and the room, and off itself. mm */
export function clearancesOf(pose: Pose, bender: Bender, od: number, grip: Grip): Clearance[] {
  const chains = [pose.behind, pose.ahead];
  const free = freeSides(pose, od);
  const off = (of: Piece[][], outside: (at: Vec3) => number): number =>
    Math.min(...of.map((chain) => leastAlong(chain, outside))) - od / 2;
  const reach = (direction: Vec3) => Math.max(...chains.map((chain) => reachAlong(chain, direction)));
  const found: Clearance[] = [];
  const note = (met: Met, gap: number) => {
    if (gap < Infinity) found.push({ met, gap });
  };
  if (bender.height !== null) note({ what: 'floor' }, -reach([0, 0, -1]) - od / 2);
  for (const wall of WALLS) {
    const away = bender.walls[wall];
    if (away !== null) note({ what: 'wall', wall }, away - reach(TOWARDS[wall]) - od / 2);
  }
  // What stands on the floor can be held against the tube only where the tube's height over it is known.
  const { frame, operator } = bender.height === null ? { frame: [], operator: null } : bender;
  for (const { name, from, to } of frame)
    note(
      { what: 'frame', name },
      off(chains, (at) => outsideBox(at, from, to)),
    );
  if (operator) {
    const [x, y] = operator;
    note(
      { what: 'operator' },
      off(chains, (at) => outsidePost(at, x, y)),
    );
  }
  note(
    { what: 'die' },
    off(free, (at) => outsideDie(at, pose, od)),
  );
  for (const { what, from, to } of blocksOn(pose, grip)) {
    // A grip that moves with its side never meets that side.
    const other = what === 'clamp' ? free[0] : free[1];
    if (other)
      note(
        { what },
        off([other], (at) => outsideCapsule(at, from, to, (DIE_THICKNESS * od) / 2)),
      );
  }
  note({ what: 'itself' }, betweenSides(pose, free) - od);
  return found;
}

const TOWARDS: Record<Wall, Vec3> = {
  ahead: [1, 0, 0],
  behind: [-1, 0, 0],
  left: [0, 1, 0],
  right: [0, -1, 0],
};

/** What of the straights beside the die the machine holds. mm */
export interface Grip {
  clampLength: number;
  trailing: number;
}

/** The blocks that hold the tube on both sides of the die, as straights along it. */
const blocksOn = ({ ahead, behind, held }: Pose, { clampLength, trailing }: Grip) => [
  ...blockOn('clamp', ahead[held.ahead - 1], clampLength),
  ...blockOn('pressure-die', behind[0], trailing),
];

function blockOn(what: 'clamp' | 'pressure-die', piece: Piece | undefined, long: number) {
  if (piece?.kind !== 'straight' || piece.length === 0 || long === 0) return [];
  const along = scale(subtract(piece.to, piece.from), Math.min(1, long / piece.length));
  return [{ what, from: piece.from, to: add(piece.from, along) }];
}

/** What stays off by more than this needs no exact answer, and what is nearer one as exact as a tape. mm */
const CLOSE = { within: 500, closeness: 0.05 };

const leastAlong = (chain: Piece[], outside: (at: Vec3) => number): number =>
  chain.length === 0
    ? Infinity
    : leastOver(spanOf(chain), (along) => outside(pointOn(chain, startOf(chain) + along)), CLOSE).least;

/** Chains may begin anywhere along their tube. */
const startOf = (chain: Piece[]): number => chain[0]?.start ?? 0;
const spanOf = (chain: Piece[]): number => lengthOf(chain) - startOf(chain);

function outsideBox(at: Vec3, from: Vec3, to: Vec3): number {
  const off = ([0, 1, 2] as const).map((i) =>
    Math.max(Math.min(from[i], to[i]) - at[i], at[i] - Math.max(from[i], to[i])),
  );
  const outside = Math.hypot(...off.map((one) => Math.max(one, 0)));
  return outside > 0 ? outside : Math.max(...off);
}

const outsidePost = ([x, y, z]: Vec3, postX: number, postY: number): number => {
  const aside = Math.hypot(x - postX, y - postY) - OPERATOR.radius;
  const above = z - OPERATOR.height;
  return above > 0 ? Math.hypot(Math.max(aside, 0), above) : aside;
};

/** The die as a disc of its centreline radius: the half of the tube that it holds lies in its groove. */
function outsideDie(at: Vec3, { centre, normal, radius }: Pose, od: number): number {
  const from = subtract(at, centre);
  const over = dot(from, normal);
  const aside = length(subtract(from, scale(normal, over))) - radius;
  const above = Math.abs(over) - (DIE_THICKNESS * od) / 2;
  return aside > 0 && above > 0 ? Math.hypot(aside, above) : Math.max(aside, above);
}

function outsideCapsule(at: Vec3, from: Vec3, to: Vec3, radius: number): number {
  const along = subtract(to, from);
  const share = dot(subtract(at, from), along) / dot(along, along);
  return length(subtract(at, add(from, scale(along, Math.min(1, Math.max(0, share)))))) - radius;
}

/** Axis to axis, between what is free of one side and all of the other. */
function betweenSides({ behind, ahead }: Pose, [farBehind = [], farAhead = []]: Piece[][]): number {
  const apart = (a: Piece[], b: Piece[]) =>
    a.length === 0 || b.length === 0
      ? Infinity
      : nearestBetween(rebased(a), rebased(b), CLOSE.within).distance;
  return Math.min(apart(farBehind, ahead), apart(farAhead, behind));
}

/**
 * What of both sides lies beyond the straights in the die, and beyond where a tube of this size is near its die, and near itself, because
 * it comes out of it: a curve of radius R has left its tangent by half a diameter after √(R·OD).
 */
function freeSides({ behind, ahead, held, radius }: Pose, od: number): Piece[][] {
  const near = Math.max(3 * od, Math.sqrt(radius * od));
  const arc = ahead[1]?.kind === 'arc' ? ahead[1].length : 0;
  return [beyond(behind.slice(held.behind), near), beyond(ahead.slice(held.ahead), arc + near)];
}

/** What of a chain lies farther than `from` along it; what is cut short keeps its end. */
const beyond = (chain: Piece[], from: number): Piece[] =>
  chain.flatMap((piece): Piece[] => {
    const cut = Math.max(0, from - piece.start);
    if (cut === 0) return [piece];
    if (cut >= piece.length) return [];
    const [start, length] = [piece.start + cut, piece.length - cut];
    if (piece.kind === 'straight') return [{ ...piece, from: pointOn([piece], from), start, length }];
    const turned = (piece.angle * cut) / piece.length;
    const radius = rotateAbout(piece.normal, radians(turned), piece.radius);
    return [{ ...piece, radius, angle: piece.angle - turned, start, length }];
  });

/** A chain that begins at 0. */
const rebased = (chain: Piece[]): Piece[] =>
  chain.map((piece) => ({ ...piece, start: piece.start - startOf(chain) }));
