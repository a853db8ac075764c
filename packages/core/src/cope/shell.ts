import { COINCIDENT } from '../measure/index.ts';
import { directionAt, lengthOf, type Piece, pointOn } from '../centreline/index.ts';
import { angleAbout, type Vec3 } from '../space/index.ts';
import { setbackAt } from './cuts.ts';
import { type Branch, branchFrom, onGenerator, reversedAxis, anySquareTo, squareTo } from './generators.ts';

/** A cut end as its surface is drawn: the direction of its face line, and setbacks at even steps round it, mm. */
export interface ShellEnd {
  face: Vec3;
  outer: (number | null)[];
  inner: (number | null)[];
}

/** Triangles, three numbers a corner, mm; the axis' frame. */
export interface Shell {
  positions: number[];
  indices: number[];
}

/** Steps along an arc: its chords turn no more than this. Degrees */
const CHORD = 6;

interface Row {
  /** Of each generator, mm along the axis. */
  at: number[];
  radius: number;
}

/** The outer surface of a tube with its cut ends, as so many strips. */
export function tubeShell(
  axis: Piece[],
  od: number,
  ends: { a: ShellEnd | null; b: ShellEnd | null },
  strips: number,
): Shell {
  const branch = branchAlong(axis, ends.a?.face ?? null);
  const total = lengthOf(axis);
  const turn = ends.b ? clockOfB(branch, axis, ends.b.face) : 0;
  const cutA = Array.from({ length: strips }, (_, k) => setbackOf(ends.a?.outer, k / strips));
  // End B counts round the other way, as its axis points back into the tube.
  const cutB = Array.from({ length: strips }, (_, k) => setbackOf(ends.b?.outer, turn - k / strips));
  const rows = [0, ...stopsOf(axis), total].map((stop): Row => ({
    radius: od / 2,
    at: cutA.map((low, k) => within(stop, low, total - (cutB[k] ?? 0), total)),
  }));
  return woven(branch, rows, strips, strips);
}

/**
 * The wall of a coped end, cut open along the face line: the half turned away from φ = 180 to 360 is left. length, mm into the tube
 * from the end point.
 */
export function openEnd(
  axis: Piece[],
  end: 'a' | 'b',
  { od, wall }: { od: number; wall: number },
  cut: ShellEnd,
  length: number,
): Shell {
  const seen = end === 'a' ? axis : reversedAxis(axis);
  const branch = branchAlong(seen, cut.face);
  const strips = 72;
  const half = strips / 2;
  const row = (setbacks: (number | null)[], radius: number): Row => ({
    radius,
    at: Array.from({ length: half + 1 }, (_, k) => setbackOf(setbacks, k / strips)),
  });
  const far = (radius: number): Row => ({ radius, at: Array.from({ length: half + 1 }, () => length) });
  const between = stopsOf(seen).filter((stop) => stop < length);
  const outer = row(cut.outer, od / 2);
  const inner = row(cut.inner, od / 2 - wall);
  const along = (edge: Row, stop: number): Row => ({
    radius: edge.radius,
    at: edge.at.map((low) => Math.max(low, stop)),
  });
  // Down the inside, across the cut, up the outside, and over the far end.
  const rows = [
    far(inner.radius),
    ...[...between].reverse().map((stop) => along(inner, stop)),
    inner,
    outer,
    ...between.map((stop) => along(outer, stop)),
    far(outer.radius),
    far(inner.radius),
  ];
  return woven(branch, rows, strips, half);
}

function branchAlong(axis: Piece[], face: Vec3 | null): Branch {
  const into = directionAt(axis, 0);
  const aside = anySquareTo(into, [0, 0, 1], [1, 0, 0]);
  return branchFrom(axis, into, (face && squareTo(into, face)) ?? aside);
}

/** The share of a turn from end A's face line, carried along, to end B's. */
function clockOfB({ carried }: Branch, axis: Piece[], face: Vec3): number {
  return angleAbout(directionAt(axis, lengthOf(axis)), carried.u, face) / (2 * Math.PI);
}

/** A setback at a share of a turn; 0 where nothing is met, or nothing cut. */
const setbackOf = (setbacks: (number | null)[] | undefined, share: number): number =>
  setbacks && setbacks.length > 0 ? (setbackAt(setbacks, 360 * share) ?? 0) : 0;

/** Ends take the cut, what is between keeps clear of both. */
function within(stop: number, low: number, high: number, total: number): number {
  if (stop === 0) return low;
  if (stop === total) return high;
  return Math.min(Math.max(stop, low), high);
}

/** Where an axis bends: the ends of its arcs and stops along them. */
function stopsOf(axis: Piece[]): number[] {
  return axis.flatMap((piece) => {
    if (piece.kind === 'straight' || piece.length < COINCIDENT) return [];
    const parts = Math.max(1, Math.ceil(piece.angle / CHORD));
    return Array.from({ length: parts + 1 }, (_, i) => piece.start + (piece.length * i) / parts);
  });
}

/** Triangles between the rows, over `count` strips of `strips` in a whole turn. */
function woven(branch: Branch, rows: Row[], strips: number, count: number): Shell {
  const positions: number[] = [];
  const indices: number[] = [];
  const width = count === strips ? strips : count + 1;
  for (const { at, radius } of rows)
    for (let k = 0; k < width; k++) {
      const turn = (2 * Math.PI * k) / strips;
      positions.push(...onGenerator(branch, at[k] ?? 0, radius * Math.cos(turn), radius * Math.sin(turn)));
    }
  for (let row = 0; row + 1 < rows.length; row++)
    for (let k = 0; k < count; k++) {
      const next = (k + 1) % width;
      const [a, b] = [row * width + k, row * width + next];
      const [c, d] = [a + width, b + width];
      indices.push(a, b, d, a, d, c);
    }
  return { positions, indices };
}

/** Where an axis comes nearest to a place, mm from its end A, to a millimetre: looked for in steps, then about the best of them. */
export function nearestAlong(axis: Piece[], place: Vec3): number {
  const COARSE = 16;
  const total = lengthOf(axis);
  let best = { at: 0, gap: Infinity };
  const look = (from: number, to: number, step: number): void => {
    for (let at = Math.max(0, from); at <= Math.min(total, to); at += step) {
      const [x, y, z] = pointOn(axis, at);
      const gap = Math.hypot(x - place[0], y - place[1], z - place[2]);
      if (gap < best.gap) best = { at, gap };
    }
  };
  look(0, total, COARSE);
  look(best.at - COARSE, best.at + COARSE, 1);
  return best.at;
}
