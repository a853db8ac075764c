import { itemAt } from '../../items/index.ts';
import { keptLooseFor, placesIn } from './allowed.ts';
import { type BuildProblem, CLOSED, type SeamPart, type WorkPlace } from './problem.ts';

/** A part of a seam with when and where it is welded. */
export interface Weld {
  part: number;
  /** How many tubes stand then. */
  standing: number;
  where: WorkPlace;
  /** The tube that must not stand yet, as the torch would not get there any more; null where it can wait. */
  hiddenBy: number | null;
  /** How many of its places no torch reaches. */
  lost: number;
}

/** What an order is judged by: the first figure counts before the second, and that before the third. */
export interface BuildCost {
  /** Seams of which the torch does not reach all. */
  lost: number;
  /** Moves between bench, car and dropped. */
  moves: number;
  /** Parts of seams that are not welded on the bench: outside the car is where a weld is easiest. */
  offBench: number;
}

/** An order with all that follows from it. */
export interface Timeline {
  /** So many of the first tubes are put together on the bench. */
  bench: number;
  welds: Weld[];
  /** The cage is let down when so many tubes stand. */
  drops: number[];
  /** By tube: what has to be in before its own ends are welded, as it gives for them. */
  keeping: number[][];
  cost: BuildCost;
}

/** Whatever is put together outside has to be carried in once; letting down and lifting are two moves more. */
export const INTO_THE_CAR = 1;

/** Which of two costs is less: negative where the first is. */
export const compareCost = (a: BuildCost, b: BuildCost): number =>
  a.lost - b.lost || a.moves - b.moves || a.offBench - b.offBench;

/** How long a part can be welded at a place: until so many tubes stand, and which one then closes it. −1: never. */
interface Until {
  standing: number;
  by: number | null;
}

/**
 * When each seam is welded, and where, for one order of fitting: on the bench what can be, in the car when everything stands, earlier
 * where a later tube would hide it, and let down only what is reached in no other way. A seam reached once is reached by all earlier
 * moments too, so that the fewest times of letting the cage down are those of the latest moments of what waits for it.
 */
export function timelineOf(problem: BuildProblem, order: readonly number[]): Timeline {
  const at = placesIn(order);
  const bench = benchOf(problem, order);
  const keeping = keptLooseFor(problem, at);
  const late: { part: number; from: number; until: Until }[] = [];
  const welds: Weld[] = [];
  for (const [part, one] of problem.parts.entries()) {
    const from = 1 + Math.max(...[one.tube, ...itemAt(keeping, one.tube)].map((tube) => itemAt(at, tube)));
    const weld =
      onBench(part, { one, at, from, bench }) ?? inCar(part, { one, at, from, bench, count: problem.count });
    if (weld) welds.push(weld);
    else {
      const until = untilClosed(one, at, 'dropped', problem.count);
      if (problem.drops && until.standing >= Math.max(from, bench))
        late.push({ part, from: Math.max(from, bench), until });
      else welds.push(leastLost(problem, part, { at, from, bench }));
    }
  }
  const drops = fewestDrops(late);
  for (const { part, from, until } of late)
    welds.push({
      part,
      standing: itemAt(
        drops.filter((drop) => drop >= from && drop <= until.standing),
        -1,
      ),
      where: 'dropped',
      hiddenBy: until.by,
      lost: 0,
    });
  const lost = new Set(
    welds.filter((weld) => weld.lost > 0).map(({ part }) => itemAt(problem.parts, part).seam),
  );
  const offBench = welds.filter(({ where }) => where !== 'bench').length;
  return {
    bench,
    welds,
    drops,
    keeping,
    cost: { lost: lost.size, moves: INTO_THE_CAR + 2 * drops.length, offBench },
  };
}

/** So many tubes at the beginning of an order can be put together outside the car. */
function benchOf({ bench, count }: BuildProblem, order: readonly number[]): number {
  const first = order.findIndex((tube) => !bench[tube]);
  return first < 0 ? count : first;
}

interface Moment {
  one: SeamPart;
  at: readonly number[];
  from: number;
  bench: number;
}

/** On the bench, when all of it is together, or before a tube hides it there. */
function onBench(part: number, { one, at, from, bench }: Moment): Weld | null {
  if (from > bench) return null;
  const until = untilClosed(one, at, 'bench', bench);
  if (until.standing < from) return null;
  return { part, standing: until.standing, where: 'bench', hiddenBy: until.by, lost: 0 };
}

function inCar(part: number, { one, at, from, bench, count }: Moment & { count: number }): Weld | null {
  const until = untilClosed(one, at, 'car', count);
  if (until.standing < Math.max(from, bench)) return null;
  return { part, standing: until.standing, where: 'car', hiddenBy: until.by, lost: 0 };
}

/** Where all of it is reached at no moment: as soon as it can be, where the most of it is. */
function leastLost(
  { parts, drops }: BuildProblem,
  part: number,
  { at, from, bench }: Omit<Moment, 'one'>,
): Weld {
  const one = itemAt(parts, part);
  const places: WorkPlace[] = [
    ...(from <= bench ? (['bench'] as const) : []),
    'car',
    ...(drops ? (['dropped'] as const) : []),
  ];
  const ways = places.map((where) => {
    const standing = where === 'bench' ? from : Math.max(from, bench);
    const lost = one.places.filter(({ roof, tubes }) => closedBy(roof[where], tubes, at, standing)).length;
    return { part, standing, where, hiddenBy: null, lost };
  });
  // Letting the cage down for what is not reached there either is no gain.
  return ways.reduce((best, way) => (way.where !== 'dropped' && way.lost < best.lost ? way : best));
}

const closedBy = (
  roof: number,
  tubes: { tube: number; closed: number }[],
  at: readonly number[],
  standing: number,
): boolean =>
  tubes.reduce((bits, { tube, closed }) => (itemAt(at, tube) < standing ? bits | closed : bits), roof) ===
  CLOSED;

/** How many tubes may stand, of `most`, with all of a part still reached. */
function untilClosed({ places }: SeamPart, at: readonly number[], where: WorkPlace, most: number): Until {
  let until: Until = { standing: most, by: null };
  for (const { roof, tubes } of places) {
    let bits = roof[where];
    if (bits === CLOSED) return { standing: -1, by: null };
    const byTime =
      tubes.length > 1 ? tubes.toSorted((a, b) => itemAt(at, a.tube) - itemAt(at, b.tube)) : tubes;
    for (const { tube, closed } of byTime) {
      bits |= closed;
      const place = itemAt(at, tube);
      if (place >= until.standing) break;
      if (bits === CLOSED) {
        until = { standing: place, by: tube };
        break;
      }
    }
  }
  return until;
}

/** The fewest moments of which one lies in every window: the last of the window that closes first, and so on. */
function fewestDrops(windows: { from: number; until: Until }[]): number[] {
  const drops: number[] = [];
  for (const { from, until } of windows.toSorted((a, b) => a.until.standing - b.until.standing))
    if (!drops.some((drop) => drop >= from && drop <= until.standing)) drops.push(until.standing);
  return drops;
}
