import { type Piece, pointAt } from '../../centreline/index.ts';
import { radians } from '../../measure/index.ts';
import { add, cross, rotateAbout, scale, subtract, type Vec3 } from '../../space/index.ts';
import { type Side } from '../datum.ts';
import { type Bender } from './bender.ts';

/** A bend on its blank. Distances from end A of the blank in mm, degrees. */
export interface WalkBend {
  number: number;
  tangentA: number;
  tangentB: number;
  /** Turn of its plane from the first bend's, along the unbent blank, A → B. */
  clock: number;
  angle: number;
  reading: number;
  /** Straights that the die's clamp and pressure die lie on. */
  clampLength: number;
  trailing: number;
}

/** A blank with its bends, A → B. mm */
export interface WalkTube {
  od: number;
  blank: number;
  bends: WalkBend[];
}

/** The blank read so that its clamped end is the last: distances from the end that trails. */
interface Faced {
  length: number;
  bends: (WalkBend & { near: number; far: number })[];
}

/** A tube in the machine, all of it beside what the die holds told apart. Machine's frame, mm. */
export interface Pose {
  /** From the die backward, to the end that trails: first the straight in the pressure die. */
  behind: Piece[];
  /** From the die forward, to the clamped end: first the arc, then the straight in the clamp. */
  ahead: Piece[];
  /** How far along the blank from its trailing end the tube enters the die. */
  entry: number;
  /** How many of the pieces of each lie in the die's grip, and touch it by right. */
  held: { behind: number; ahead: number };
  /** The die's centre, and the axis it turns about: right-handed, the way the bend goes. */
  centre: Vec3;
  normal: Vec3;
  radius: number;
}

/** The tube with the clamp toward one of its ends, in the order trailing end → clamped end; clocks as seen that way. */
function facing({ blank, bends }: WalkTube, clamp: Side): Faced {
  if (clamp === 'b')
    return {
      length: blank,
      bends: bends.map((bend) => ({ ...bend, near: bend.tangentA, far: bend.tangentB })),
    };
  const last = bends.at(-1)?.clock ?? 0;
  const turned = bends.map((bend) => ({
    ...bend,
    near: blank - bend.tangentB,
    far: blank - bend.tangentA,
    // Read from the other end, rotations keep their sign and belong to the other bend of the two.
    clock: last - bend.clock,
  }));
  return { length: blank, bends: turned.reverse() };
}

/** What of the bend under way is bent: nothing yet, so much of the dial's turn, or released. */
export type Stage = { at: 'pull'; dial: number } | { at: 'released' };

/**
 * How the tube lies in the machine while one of its bends is pulled. made: numbers of the bends that are there already.
 * The arc grows backward from the clamp: under load its radius is such that the full reading takes as much tube as the finished bend.
 */
export function poseOf(
  tube: WalkTube,
  bender: Bender,
  pull: { bend: number; clamp: Side; made: ReadonlySet<number> },
  stage: Stage,
): Pose {
  const { length, bends } = facing(tube, pull.clamp);
  const i = bends.findIndex(({ number }) => number === pull.bend);
  const bend = bends[i];
  if (!bend) throw new Error(`the tube has no bend ${pull.bend}`);
  const arc = bend.far - bend.near;
  const turn = stage.at === 'released' ? bend.angle : stage.dial;
  const radius = arc / radians(stage.at === 'released' ? bend.angle : bend.reading);
  const die = dieIn(bender, radius);
  const taken = radius * radians(turn);
  const made = bends.filter(({ number }) => pull.made.has(number) && number !== pull.bend);
  const leads = made.filter((one) => one.near >= bend.far);
  const trails = made.filter((one) => one.far <= bend.near).reverse();
  // What is not drawn in yet lies behind the die.
  const waiting = bend.far - taken;
  const under = turn > 0 ? [{ length: 0, clock: bend.clock, angle: turn, radius }] : [];
  const ahead = [
    ...under,
    ...leads.map((one, k) => arcAfter(one, one.near - (leads[k - 1]?.far ?? bend.far))),
  ];
  const behind = trails.map((one, k) => arcAfter(one, (trails[k - 1]?.near ?? waiting) - one.far));
  const { entry: at, normal } = die;
  const clock = bend.clock;
  const forward: Vec3 = [1, 0, 0];
  const pose = {
    ahead: chainFrom(
      { at, along: forward, normal, clock, sign: 1 },
      ahead,
      length - (leads.at(-1)?.far ?? bend.far),
    ),
    behind: chainFrom(
      { at, along: scale(forward, -1), normal: scale(normal, -1), clock, sign: -1 },
      behind,
      trails.at(-1)?.near ?? waiting,
    ),
    entry: waiting,
    held: { behind: 1, ahead: turn > 0 ? 3 : 1 },
    centre: die.centre,
    normal: die.normal,
    radius,
  };
  return stilled(pose, bender, turn, Math.max(bend.clampLength, bend.trailing));
}

/** A bend that is there already, with the straight before it as the tube is walked from the die outward. */
const arcAfter = ({ near, far, clock, angle }: Faced['bends'][number], length: number) => ({
  length,
  clock,
  angle,
  radius: (far - near) / radians(angle),
});

/** The die's place, and where the tube enters it. */
function dieIn({ swing, height }: Bender, radius: number) {
  const normals: Record<Bender['swing'], Vec3> = {
    left: [0, 0, 1],
    right: [0, 0, -1],
    up: [0, -1, 0],
    down: [0, 1, 0],
  };
  const normal = normals[swing];
  const inward = cross(normal, [1, 0, 0]);
  const lying = swing === 'left' || swing === 'right';
  const axis: Vec3 = [0, 0, height ?? 0];
  const entry = lying ? subtract(axis, scale(inward, radius)) : axis;
  return { normal, entry, centre: add(entry, scale(inward, radius)) };
}

interface ChainStart {
  at: Vec3;
  along: Vec3;
  normal: Vec3;
  clock: number;
  /** −1 where the tube is walked against the order of its clocks. */
  sign: 1 | -1;
}

/** Straights and arcs from a place outward: each bend with the straight before it, then the last straight. */
function chainFrom(
  start: ChainStart,
  bends: { length: number; clock: number; angle: number; radius: number }[],
  tail: number,
): Piece[] {
  const pieces: Piece[] = [];
  let { at, along, normal, clock } = start;
  let from = 0;
  const straight = (length: number) => {
    const to = add(at, scale(along, length));
    pieces.push({ kind: 'straight', from: at, to, start: from, length });
    [at, from] = [to, from + length];
  };
  for (const bend of bends) {
    straight(bend.length);
    normal = rotateAbout(along, radians(start.sign * (bend.clock - clock)), normal);
    const centre = add(at, scale(cross(normal, along), bend.radius));
    const radius = subtract(at, centre);
    const length = bend.radius * radians(bend.angle);
    pieces.push({ kind: 'arc', centre, radius, normal, angle: bend.angle, start: from, length });
    at = add(centre, rotateAbout(normal, radians(bend.angle), radius));
    along = rotateAbout(normal, radians(bend.angle), along);
    clock = bend.clock;
    from += length;
  }
  straight(tail);
  return pieces;
}

/**
 * The pose as a machine of its kind has it. Rotary draw: the die turns, and what trails stays in its line. Compression: the clamped side
 * stays in its line, and the rest is wrapped round the die. Ram: the die is pushed between two followers, and both sides swing by half.
 * A roller's tube lies as it does in a draw bender.
 */
function stilled(pose: Pose, { kind }: Bender, turn: number, follower: number): Pose {
  if (kind !== 'ram' && kind !== 'compression') return pose;
  const back = radians(kind === 'ram' ? -turn / 2 : -turn);
  const inward = cross(pose.normal, [1, 0, 0]);
  const shift =
    kind === 'ram' ? scale(inward, stroke(pose.radius, radians(turn / 2), follower)) : ([0, 0, 0] as const);
  const about = (v: Vec3) => rotateAbout(pose.normal, back, v);
  const moved = (at: Vec3) => add(add(pose.centre, about(subtract(at, pose.centre))), shift);
  const piece = (one: Piece): Piece =>
    one.kind === 'straight'
      ? { ...one, from: moved(one.from), to: moved(one.to) }
      : { ...one, centre: moved(one.centre), radius: about(one.radius), normal: about(one.normal) };
  return {
    ...pose,
    ahead: pose.ahead.map(piece),
    behind: pose.behind.map(piece),
    centre: add(pose.centre, shift),
  };
}

/** How far the ram has pushed its die when each side stands at `half` radians: both straights stay on followers that far to each side. */
const stroke = (radius: number, half: number, follower: number): number =>
  (radius - follower * Math.sin(half) - radius * Math.cos(half)) / Math.cos(half);

/** Where a place of the blank lies in the machine; null beyond its ends. fromA: from end A of the blank, mm */
export function blankPlaceIn(pose: Pose, { blank }: WalkTube, clamp: Side, fromA: number): Vec3 | null {
  const past = (clamp === 'b' ? fromA : blank - fromA) - pose.entry;
  return past >= 0 ? pointAt(pose.ahead, past) : pointAt(pose.behind, -past);
}
