import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { cornersOf, layOut, type Lra, type Piece, piecesOf } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { cross, distance, dot, length, subtract, unit, type Vec3 } from '../../space/index.ts';

/** A place of a traced shape in its own plane. mm */
export type TracedPoint = readonly [number, number];

/** Straights and arcs through a trace, tangent to each other. mm and degrees */
export interface TraceFit {
  /** Both ends and the corners between, in the plane of the trace. */
  points: TracedPoint[];
  radii: number[];
  lra: Lra;
  /** How far the worst of the traced places lies from the axis. */
  error: number;
}

/** More bends than this are no tube that anybody traces. */
const MOST_BENDS = 6;
/** Bends that bring the fit no nearer than by this share are not worth it. */
const WORTH = 0.7;
/** Where a fit begins: radii as shares of the trace's length, corners as much farther out as they stand off the line beside them. */
const STARTS = [0.08, 0.25, 0.7].flatMap((radius) => [0, 0.4, 1].map((out) => ({ radius, out })));
/** What a path that cannot be bent is off by: far from every trace. mm */
const NO_PATH = 1e4;

/**
 * Fits a tube to a trace from one end to the other: as few bends as bring every place within `within` of its axis, or those that come
 * nearest. Ends stay where they were traced. Faults: too few places, or places that no tube runs through.
 */
export function fitTrace(trace: readonly TracedPoint[], within: number): Outcome<TraceFit> {
  const places = trace.filter((at, i) => i === 0 || apart(at, itemAt(trace, i - 1)) > 1e-6);
  if (places.length < 4)
    return fail('trace', '', 'a trace has four places at least, from one end of the tube to the other');
  const straight = straightFit(places);
  if (straight.error <= within) return succeed(straight);
  let best: TraceFit | null = null;
  for (let bends = 1; bends <= Math.min(MOST_BENDS, Math.floor((places.length - 1) / 2)); bends++) {
    const fit = fitWith(places, bends, within);
    if (fit && (!best || fit.error < WORTH * best.error)) best = fit;
    if (best && best.error <= within) break;
  }
  if (!best)
    return fail(
      'trace',
      '',
      'no straights and bends run through these places: check their order, or take more of them',
    );
  if (best.error > Math.max(within, apart(itemAt(places, 0), itemAt(places, -1)) / 4))
    return fail(
      'trace',
      '',
      told`the nearest tube misses the trace by ${{ mm: best.error }}: check the order of its places`,
    );
  return succeed(best);
}

const apart = (a: TracedPoint, b: TracedPoint): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** A trace without a bend. */
function straightFit(places: readonly TracedPoint[]): TraceFit {
  const ends: TracedPoint[] = [itemAt(places, 0), itemAt(places, -1)];
  const span = apart(itemAt(ends, 0), itemAt(ends, 1));
  return {
    points: ends,
    radii: [],
    lra: { bends: [], tail: span, developed: span },
    error: Math.max(...places.map((at) => offChord(at, itemAt(ends, 0), itemAt(ends, 1)))),
  };
}

/** So many bends, the best from several beginnings; the first that is near enough by far is taken. */
function fitWith(places: readonly TracedPoint[], bends: number, within: number): TraceFit | null {
  let best: TraceFit | null = null;
  for (const start of STARTS) {
    const fit = fitFrom(places, bends, start);
    if (fit && (!best || fit.error < best.error)) best = fit;
    if (best && best.error < within / 2) break;
  }
  return best;
}

/** Bends first at the places that stand farthest off, then moved until the sum of squares is the least. */
function fitFrom(
  places: readonly TracedPoint[],
  bends: number,
  { radius, out }: (typeof STARTS)[number],
): TraceFit | null {
  const ends = [itemAt(places, 0), itemAt(places, -1)] as const;
  const corners = movedOut(ends, farthest(places, bends), out);
  const span = corners.reduce((sum, at, i) => sum + apart(at, corners[i - 1] ?? ends[0]), 0);
  const start = corners.flatMap((at) => [...at, Math.log(radius * span)]);
  const read = (params: readonly number[]) => ({
    points: [
      ends[0],
      ...corners.map((_, i): TracedPoint => [itemAt(params, 3 * i), itemAt(params, 3 * i + 1)]),
      ends[1],
    ],
    radii: corners.map((_, i) => Math.exp(itemAt(params, 3 * i + 2))),
  });
  const { parameterValues } = levenbergMarquardt(
    { x: places.map((_, i) => i), y: places.map(() => 0) },
    (params) => {
      const { points, radii } = read(params);
      const path = pathOf(points, radii);
      return (i) => (path ? offPath(itemAt(places, i), path.axis) : NO_PATH);
    },
    {
      initialValues: start,
      damping: 1,
      gradientDifference: start.map((_, i) => (i % 3 === 2 ? 1e-4 : 1e-3)),
      centralDifference: true,
      maxIterations: 200,
      errorTolerance: 1e-9,
      improvementThreshold: 1e-6,
    },
  );
  const { points, radii } = read(parameterValues);
  const path = pathOf(points, radii);
  if (!path) return null;
  const error = Math.max(...places.map((at) => Math.abs(offPath(at, path.axis))));
  return Number.isFinite(error) ? { points, radii, lra: path.lra, error } : null;
}

/** The places that stand farthest off the line through those chosen before, in the order of the trace. */
function farthest(places: readonly TracedPoint[], count: number): TracedPoint[] {
  const chosen = [0, places.length - 1];
  for (let n = 0; n < count; n++) {
    let [best, most] = [-1, -1];
    for (let i = 1; i < places.length - 1; i++) {
      const after = chosen.findIndex((one) => one >= i);
      const [from, to] = [itemAt(chosen, after - 1), itemAt(chosen, after)];
      if (to === i) continue;
      const off = offChord(itemAt(places, i), itemAt(places, from), itemAt(places, to));
      if (off > most) [best, most] = [i, off];
    }
    if (best < 0) break;
    chosen.push(best);
    chosen.sort((a, b) => a - b);
  }
  return chosen.slice(1, -1).map((i) => itemAt(places, i));
}

/** Corners farther off the lines between their neighbours: a trace passes inside of its corners. */
const movedOut = (
  [first, last]: readonly [TracedPoint, TracedPoint],
  corners: TracedPoint[],
  share: number,
): TracedPoint[] =>
  corners.map((at, i): TracedPoint => {
    const [before, after] = [corners[i - 1] ?? first, corners[i + 1] ?? last];
    const span = Math.max(1e-9, apart(before, after) ** 2);
    const run =
      ((at[0] - before[0]) * (after[0] - before[0]) + (at[1] - before[1]) * (after[1] - before[1])) / span;
    const foot = [
      before[0] + (after[0] - before[0]) * run,
      before[1] + (after[1] - before[1]) * run,
    ] as const;
    return [at[0] + (at[0] - foot[0]) * share, at[1] + (at[1] - foot[1]) * share];
  });

function offChord(at: TracedPoint, from: TracedPoint, to: TracedPoint): number {
  const span = apart(from, to);
  if (span < 1e-9) return apart(at, from);
  return Math.abs((to[0] - from[0]) * (at[1] - from[1]) - (to[1] - from[1]) * (at[0] - from[0])) / span;
}

const inSpace = ([x, y]: TracedPoint): [number, number, number] => [x, y, 0];

function pathOf(
  points: readonly TracedPoint[],
  radii: readonly number[],
): { lra: Lra; axis: Piece[] } | null {
  if (![...points.flat(), ...radii].every(Number.isFinite)) return null;
  const corners = cornersOf({ points: points.map(inSpace), clr: [...radii] });
  if (!corners.ok || corners.value.corners.length !== radii.length) return null;
  const lra = layOut(corners.value);
  return lra.ok ? { lra: lra.value, axis: piecesOf(corners.value, lra.value) } : null;
}

/** How far a place lies off the axis, positive to the left of where it runs: smooth across it, as a fit needs. */
function offPath(at: TracedPoint, axis: readonly Piece[]): number {
  const point = inSpace(at);
  let best = Infinity;
  for (const piece of axis) {
    const off = piece.kind === 'straight' ? offStraight(point, piece) : offArc(point, piece);
    if (Math.abs(off) < Math.abs(best)) best = off;
  }
  return best;
}

const signed = (amount: number, side: number): number => (side < 0 ? -amount : amount);

function offStraight(point: Vec3, { from, to, length: span }: Extract<Piece, { kind: 'straight' }>): number {
  if (span < 1e-9) return Infinity;
  const along = unit(subtract(to, from));
  const off = subtract(point, from);
  const run = dot(off, along);
  const beyond = Math.max(0, -run, run - span);
  const aside = cross(along, off)[2];
  return signed(Math.hypot(aside, beyond), aside);
}

function offArc(point: Vec3, { centre, radius, normal, angle }: Extract<Piece, { kind: 'arc' }>): number {
  const off = subtract(point, centre);
  const turned = Math.atan2(dot(cross(radius, off), normal), dot(radius, off));
  // What lies beyond the arc is nearer to the straights that it runs into.
  if (turned < 0 || turned > (angle * Math.PI) / 180) return Infinity;
  return (length(radius) - distance(point, centre)) * Math.sign(normal[2]);
}
