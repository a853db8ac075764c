import { lengthOf, type Piece, pointAt } from '../centreline/index.ts';
import { poseOf, type Stage } from '../bending/index.ts';
import { type WalkAsked } from '../cage/index.ts';
import { dot, subtract, unit, type Vec3 } from '../space/index.ts';

/** A tube in the die, seen square to the plane it is bent in: x along the feed, y toward the die's side. mm from where it enters the die. */
export interface InBendPlane {
  /** The tube's axis from the die to the end that trails, and to the clamped end. */
  behind: [number, number][];
  ahead: [number, number][];
  die: { at: [number, number]; radius: number };
  /** What of the clamped side lies in the clamp at the start. mm */
  clamp: number;
  /** What of the trailing side lies in the pressure die. mm */
  pressure: number;
}

/** An arc is drawn in this many chords. */
const CHORDS = 24;

/** The tube as it lies at the nth pull of its order (from 0), at a stage of it. Tube that is bent out of the plane is seen as its shadow. */
export function inBendPlane({ tube, bender, order }: WalkAsked, n: number, stage: Stage): InBendPlane | null {
  const turn = order[n];
  const bend = tube.bends.find(({ number }) => number === turn?.bend);
  if (!turn || !bend) return null;
  const made = new Set(order.slice(0, n).map((one) => one.bend));
  const pose = poseOf(tube, bender, { ...turn, made }, stage);
  const entry = startOf(pose.behind);
  const side = unit(subtract(pose.centre, entry));
  const flat = (at: Vec3): [number, number] => {
    const from = subtract(at, entry);
    return [from[0], dot(from, side)];
  };
  return {
    behind: pointsAlong(pose.behind).map(flat),
    ahead: pointsAlong(pose.ahead).map(flat),
    die: { at: flat(pose.centre), radius: pose.radius },
    clamp: bend.clampLength,
    pressure: bend.trailing,
  };
}

const startOf = (pieces: Piece[]): Vec3 => pointAt(pieces, 0) ?? [0, 0, 0];

function pointsAlong(pieces: Piece[]): Vec3[] {
  const places = pieces.flatMap(({ kind, start, length }) => {
    const parts = kind === 'straight' ? 1 : CHORDS;
    return Array.from({ length: parts + 1 }, (_, i) => start + (length * i) / parts);
  });
  const total = lengthOf(pieces);
  return places.map((at) => pointAt(pieces, Math.min(at, total))).filter((at) => at !== null);
}
