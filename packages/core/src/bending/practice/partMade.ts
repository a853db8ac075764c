import { pathFrom } from '../../centreline/index.ts';
import { type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { halfTurned } from '../../measure/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type Side } from '../datum.ts';
import { type MarkedBlank } from '../marks.ts';
import { offTheStraights, remade, startOf } from '../deviation/whatNow.ts';

/** A bend as somebody made it: where its mark was, which way the clamp lay, how far the tube was turned since the bend made before it. mm, degrees */
export interface HandMadeBend {
  bend: number;
  /** From end A of the blank. */
  mark: number;
  clamp: Side;
  turn: number;
  released: number;
}

/** How a bend is off what the sheet has. mm toward B, degrees */
export interface BendOff {
  bend: number;
  place: number;
  plane: number;
  angle: number;
}

/** A part as it came out, beside what it was to be: ends and PIs in the frame of the plan, A → B. mm */
export interface PartMade {
  points: Vec3[];
  planned: Vec3[];
  off: number[];
  /** End B off its place, and the ends farther apart; less than nothing: nearer. */
  far: number;
  apart: number;
  bends: BendOff[];
}

/** A part that is nowhere farther off than this is used in practice. mm; the program's own choice */
const USABLE = 10;

/** Whether a part could be used as it came out. */
export const isUsable = ({ off }: Pick<PartMade, 'off'>): boolean => Math.max(...off) <= USABLE;

/**
 * The part that comes of bends made one after the other, in the order in which they stand; those that are not made yet come as planned. A
 * clamp toward the other end bends the tube on the other side of its mark. Fault: a bend that lies beyond the straights beside it.
 */
export function partMade(
  { bends, corners, lra }: Pick<MarkedBlank, 'bends' | 'corners' | 'lra'>,
  clocks: ReadonlyMap<number, number>,
  made: readonly HandMadeBend[],
): Outcome<PartMade> {
  const turned = clocksMade(clocks, made);
  const offs = bendsOff(bends, clocks, made);
  let path: Pick<typeof lra, 'bends' | 'tail'> = lra;
  for (const [i, { place, angle }] of offs.entries()) {
    const fault = offTheStraights(path, i, place);
    if (fault) return fault;
    const rotation = i === 0 ? itemAt(path.bends, 0).rotation : rotationTo(bends, turned, i);
    path = remade(path, i, { mark: place, rotation, angle: itemAt(path.bends, i).angle + angle });
  }
  const start = startOf(corners);
  const [points, planned] = [path, lra].map((one) => pathFrom(start, one.bends, one.tail));
  if (!points || !planned) throw new Error('a path has points');
  const [a, b, was] = [itemAt(points, 0), itemAt(points, -1), itemAt(planned, -1)];
  return succeed({
    points,
    planned,
    off: points.map((at, i) => distance(at, itemAt(planned, i))),
    far: distance(b, was),
    apart: distance(a, b) - distance(itemAt(planned, 0), was),
    bends: offs,
  });
}

/** How each bend is off what the sheet has, also where no part comes of them. */
export function bendsOff(
  bends: MarkedBlank['bends'],
  clocks: ReadonlyMap<number, number>,
  made: readonly HandMadeBend[],
): BendOff[] {
  const turned = clocksMade(clocks, made);
  return bends.map(({ number }) => bendOff(bends, clocks, turned, made, number));
}

/** Where the plane of each bend lies: what was made hangs on the bend made before it, whatever the sheet has. */
function clocksMade(clocks: ReadonlyMap<number, number>, made: readonly HandMadeBend[]): Map<number, number> {
  const turned = new Map(clocks);
  for (const [i, { bend, turn }] of made.entries()) {
    const before = made[i - 1];
    if (before) turned.set(bend, (turned.get(before.bend) ?? 0) + turn);
  }
  return turned;
}

function bendOff(
  bends: MarkedBlank['bends'],
  clocks: ReadonlyMap<number, number>,
  turned: ReadonlyMap<number, number>,
  made: readonly HandMadeBend[],
  bend: number,
): BendOff {
  const own = made.find((one) => one.bend === bend);
  const sheet = bends.find(({ number }) => number === bend);
  if (!own || !sheet) return { bend, place: 0, plane: 0, angle: 0 };
  const middle = (sheet.tangentA + sheet.tangentB) / 2;
  const fromMark = middle - sheet.mark;
  const place = own.mark + (own.clamp === sheet.clampSide ? fromMark : -fromMark) - middle;
  const plane = halfTurned((turned.get(bend) ?? 0) - (clocks.get(bend) ?? 0));
  return { bend, place, plane, angle: own.released - sheet.angle };
}

const rotationTo = (bends: MarkedBlank['bends'], clocks: ReadonlyMap<number, number>, i: number): number => {
  const clock = (k: number) => clocks.get(itemAt(bends, k).number) ?? 0;
  return halfTurned(clock(i) - clock(i - 1));
};
