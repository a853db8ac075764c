import { bodySides, type Roof, roofOf, type Tube } from '../../cage/index.ts';
import { lengthOf, pointOn } from '../../centreline/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';

/** Whether a finished cage that is bolted in can be carried out in one piece. Car's frame, mm */
export type ExitAnswer =
  /** Past what was measured of the body, over its front, its rear or its open top; how it is moved on the way, turn by turn. */
  | { kind: 'out'; over: 'front' | 'rear' | 'top'; way: Vec3[]; width: number; height: number }
  /** What is met on every way, where the cage gets farthest. */
  | { kind: 'blocked'; by: string; against: 'roof' | 'side' }
  /** Too little of the body is measured. */
  | { kind: 'unknown' };

/** Places of the cage are looked at this often, and moved by steps so long. mm */
const ALONG = 120;
const STEP = 50;
/** So far it is moved: ahead and back, aside, up. Steps */
const FAR = 80;
const ASIDE = 4;
const UP = 8;
const UP_IN_THE_OPEN = 40;
/** What a cage may give when it is turned out by hand; common practice. mm */
const GIVES = 2;

interface Place {
  at: Vec3;
  stamp: string;
  /** The room that it needs: its radius, or what it has where it stands. */
  needs: { roof: number; side: number };
}

/** How far a place lies inside the side of the body, by the measured sections; null where none is near. */
type ToSide = (at: Vec3) => number | null;

/**
 * A way out of the car for the whole cage, by moves along the car's axes over a grid, shortest first. The body is what sections of it were
 * measured; what lies beyond the first and the last of them is taken for free, and has to be measured by hand.
 */
export function exitOf(plan: Plan, tubes: Tube[]): ExitAnswer {
  const ribs = plan.survey.ribs;
  if (ribs.length < 2 || tubes.length === 0) return { kind: 'unknown' };
  const roof = roofOf(plan);
  const toSide = bodySides(plan);
  const places = placesOf(tubes, roof, toSide);
  const ends = [
    Math.min(...ribs.map(({ forward }) => forward.mm)),
    Math.max(...ribs.map(({ forward }) => forward.mm)),
  ] as const;
  const top = Math.max(...ribs.flatMap(({ points }) => points.map(({ up }) => up.mm)));
  const from: Move = { by: [0, 0, 0], before: null };
  const seen = new Set([from.by.join()]);
  let farthest = { forward: -1, met: null as Met | null };
  const queue = [from];
  for (const move of queue) {
    const over = outOver(places, move.by, ends, roof.kind === 'open' ? top : null);
    if (over) return { kind: 'out', over, way: turnsOf(move), ...sizeOf(tubes) };
    for (const by of nextTo(move.by, roof.kind === 'open' ? UP_IN_THE_OPEN : UP)) {
      if (seen.has(by.join())) continue;
      seen.add(by.join());
      const met = metAt(places, by, roof, toSide);
      if (!met) queue.push({ by, before: move });
      else if (Math.abs(by[0]) > farthest.forward) farthest = { forward: Math.abs(by[0]), met };
    }
  }
  return farthest.met ? { kind: 'blocked', ...farthest.met } : { kind: 'unknown' };
}

interface Move {
  /** In steps. */
  by: Vec3;
  before: Move | null;
}

type Met = Pick<Extract<ExitAnswer, { kind: 'blocked' }>, 'by' | 'against'>;

function nextTo([x, y, z]: Vec3, most: number): Vec3[] {
  const all: Vec3[] = [
    [x + 1, y, z],
    [x - 1, y, z],
    [x, y, z + 1],
    [x, y, z - 1],
    [x, y + 1, z],
    [x, y - 1, z],
  ];
  return all.filter(([a, b, c]) => Math.abs(a) <= FAR && Math.abs(b) <= ASIDE && c >= 0 && c <= most);
}

function placesOf(tubes: Tube[], roof: Roof, toSide: ToSide): Place[] {
  return tubes.flatMap(({ axis, od, stamp }) => {
    const total = lengthOf(axis);
    const count = Math.max(1, Math.ceil(total / ALONG));
    return Array.from({ length: count + 1 }, (_, i): Place => {
      const at = pointOn(axis, (i * total) / count);
      const least = (room: number | null) => Math.min(od / 2, room ?? od / 2) - GIVES;
      return {
        ...{ at, stamp },
        needs: { roof: least(roof.kind === 'open' ? null : roof.gap(at)), side: least(toSide(at)) },
      };
    });
  });
}

const moved = ([x, y, z]: Vec3, [a, b, c]: Vec3): Vec3 => [x + a * STEP, y + b * STEP, z + c * STEP];

/** What a moved cage runs into first; null where it is free. */
function metAt(places: Place[], by: Vec3, roof: Roof, toSide: ToSide): Met | null {
  for (const { at, stamp, needs } of places) {
    const there = moved(at, by);
    if (roof.kind === 'closed' && (roof.gap(there) ?? Infinity) < needs.roof)
      return { by: stamp, against: 'roof' };
    if ((toSide(there) ?? Infinity) < needs.side) return { by: stamp, against: 'side' };
  }
  return null;
}

function outOver(
  places: Place[],
  by: Vec3,
  [rear, front]: readonly [number, number],
  top: number | null,
): 'front' | 'rear' | 'top' | null {
  const all = (isOut: (at: Vec3) => boolean) => places.every(({ at }) => isOut(moved(at, by)));
  if (all(([x]) => x > front)) return 'front';
  if (all(([x]) => x < rear)) return 'rear';
  return top !== null && all(([, , z]) => z > top) ? 'top' : null;
}

/** The moves of a way where it turns, and its end. mm */
function turnsOf(last: Move): Vec3[] {
  const moves: Vec3[] = [];
  for (let move: Move | null = last; move; move = move.before) moves.unshift(move.by);
  const isTurn = (i: number) => {
    const [before, here, after] = [moves[i - 1], moves[i], moves[i + 1]];
    if (!before || !here || !after) return here !== undefined && before !== undefined;
    return ([0, 1, 2] as const).some((axis) => here[axis] - before[axis] !== after[axis] - here[axis]);
  };
  return moves.filter((_, i) => isTurn(i)).map(([x, y, z]): Vec3 => [x * STEP, y * STEP, z * STEP]);
}

/** The widest and the highest of the cage, as an opening sees it. */
function sizeOf(tubes: Tube[]): { width: number; height: number } {
  const across = (axis: 1 | 2) => {
    const all = tubes.flatMap(({ points, od }) =>
      points.flatMap((at) => [at[axis] - od / 2, at[axis] + od / 2]),
    );
    return Math.max(...all) - Math.min(...all);
  };
  return { width: across(1), height: across(2) };
}
