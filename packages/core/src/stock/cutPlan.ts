import { type Fault, fail, told } from '../fault/index.ts';
import { decided } from '../measure/index.ts';
import { isSameTube, type Shop, type TubeChoice } from '../plan/index.ts';
import { sectionProperties } from '../tube/index.ts';
import { type Need } from './need.ts';
import { nest, type Nested, type Solver } from './nest/index.ts';
import { type RackTube } from './rack.ts';

/** A piece that is to be cut, of one of the jobs; spare: a second one, for what is spoiled. */
export interface CutNeed extends Need {
  job: string;
  spare: boolean;
}

/** Where a stick comes from: a piece on the rack, or a size that the shop buys. */
export type StickFrom = { rack: string } | { buy: string };

/** A stick with the pieces that are cut from it, in the order in which they lie. mm */
export interface PlannedStick {
  from: StickFrom;
  batch: string;
  /** Where it lay when it was laid out; empty of one that is bought. */
  place: string;
  length: number;
  pieces: { job: string; piece: string; stamp: string; spare: boolean; length: number }[];
  offcut: number;
}

/** Tube of one size and kind, laid out. */
export interface CutGroup {
  tube: Pick<TubeChoice, 'od' | 'wall' | 'kind'>;
  sticks: PlannedStick[];
  /** Nothing costs less; else none costs less than so much of it. */
  proven: boolean;
  atBest: number;
  totals: CutTotals;
}

/** What a group of sticks comes to. mm, kg; price null where a stick has none */
export interface CutTotals {
  pieces: number;
  /** Of pieces. */
  used: number;
  /** Left whole behind the cuts, and lost to the saw. */
  offcuts: number;
  kerfs: number;
  mass: number;
  bought: { stock: string; length: number; count: number }[];
  price: number | null;
}

/** Tubes that cannot be laid out, and why. */
interface CutFault {
  tube: Pick<TubeChoice, 'od' | 'wall' | 'kind'>;
  stamps: string[];
  fault: Fault<string>;
}

/** How all tube of one or several jobs is cut. */
export interface CutPlan {
  groups: CutGroup[];
  /** Sizes for which there is no tube, too little, or too short. */
  faults: CutFault[];
}

/** The sticks of a plan through all its groups, each with its group; they are numbered in this order, from 0. */
export const sticksOf = ({ groups }: CutPlan): { stick: PlannedStick; group: CutGroup }[] =>
  groups.flatMap((group) => group.sticks.map((stick) => ({ stick, group })));

/** What is cut, out of what. rack: what nobody else was promised. mm */
export interface CutAsked {
  kerf: number;
  needs: readonly CutNeed[];
  rack: readonly RackTube[];
  buys: Shop['tubes'];
}

/**
 * Own sticks cost a hundredth of bought ones and offcuts nothing: nothing is bought while the rack has it, and no stick is begun while offcuts
 * do.
 */
const OWN = 0.01;

type Sized = Pick<TubeChoice, 'od' | 'wall' | 'kind'>;

/** Lays out all that is needed, each size and kind by itself. seconds: for all of it */
export function cutPlanOf(asked: CutAsked, solver: Solver, seconds?: number): CutPlan {
  const groups: CutNeed[][] = [];
  for (const need of asked.needs) {
    const same = groups.find(([first]) => first && isSameTube(first.tube, need.tube));
    if (same) same.push(need);
    else groups.push([need]);
  }
  const laid = groups.flatMap((needs) => layGroup(needs, asked, solver, seconds && seconds / groups.length));
  return {
    groups: laid.flatMap((one) => ('sticks' in one ? [one] : [])),
    faults: laid.flatMap((one) => ('fault' in one ? [one] : [])),
  };
}

/** Tube of one size and kind: what can be laid out, and what cannot, with the reason. */
function layGroup(
  needs: readonly CutNeed[],
  { kerf, rack, buys }: CutAsked,
  solver: Solver,
  seconds: number | undefined,
): (CutGroup | CutFault)[] {
  const [first] = needs;
  if (!first) return [];
  const { od, wall, kind } = first.tube;
  const tube = { od, wall, kind };
  const refused = (of: readonly CutNeed[], fault: Fault<string>): CutFault[] =>
    of.length === 0 ? [] : [{ tube, stamps: of.map(({ stamp }) => stamp), fault }];
  const sources = sourcesOf(tube, rack, buys);
  const longest = Math.max(0, ...sources.map(({ length }) => length));
  if (longest === 0) return refused(needs, NO_TUBE);
  const fits = needs.filter(({ length }) => decided(length - longest) <= 0);
  const tooLong = needs.filter((need) => !fits.includes(need));
  const long = refused(
    tooLong,
    fail('too-big', '', told`longer than the longest stick, ${{ mm: longest }}`).fault,
  );
  if (fits.length === 0) return long;
  const laid = nest(
    {
      kerf,
      sticks: sources.map(({ length, cost, count }) => ({
        length,
        cost,
        ...(count !== undefined && { count }),
      })),
      pieces: fits.map(({ length }, i) => ({ id: String(i), length, quantity: 1 })),
    },
    solver,
    seconds,
  );
  return [...(laid.ok ? [asGroup(tube, fits, sources, laid.value)] : refused(fits, laid.fault)), ...long];
}

const NO_TUBE: Fault<string> = {
  code: 'no-tube',
  path: '',
  message: 'no tube of this size and kind is on the rack, and none is entered as bought',
};

interface Source {
  from: StickFrom;
  batch: string;
  place: string;
  length: number;
  cost: number;
  price: number | null;
  count?: number;
}

function sourcesOf(tube: Sized, rack: readonly RackTube[], buys: Shop['tubes']): Source[] {
  const bought = buys.filter((stock) => isSameTube(stock, tube));
  const own = rack.filter((piece) => piece.bends === null && isSameTube(piece, tube));
  return [
    ...own.map(({ id, batch, place, length, whole, price }) => ({
      from: { rack: id },
      batch,
      place,
      length: length.mm,
      cost: whole ? length.mm * OWN : 0,
      price,
      count: 1,
    })),
    ...bought.map(({ id, batch, stickLength, price }) => ({
      from: { buy: id },
      batch,
      place: '',
      length: stickLength.mm,
      cost: stickLength.mm,
      price: price ?? null,
    })),
  ];
}

function asGroup(
  tube: Sized,
  needs: readonly CutNeed[],
  sources: readonly Source[],
  { sticks: laid, optimal, cost, lowerBound }: Nested,
): CutGroup {
  const sticks = laid.map(({ stick, length, pieces, offcut }): PlannedStick => {
    const { from, batch, place } = sources[stick] as Source;
    return {
      ...{ from, batch, place, length, offcut },
      pieces: pieces.flatMap(({ id }) => {
        const need = needs[Number(id)];
        if (!need) return [];
        const { job, piece, stamp, spare, length: own } = need;
        return [{ job, piece, stamp, spare, length: own }];
      }),
    };
  });
  const used = needs.reduce((sum, { length }) => sum + length, 0);
  const offcuts = sticks.reduce((sum, { offcut }) => sum + offcut, 0);
  const whole = sticks.reduce((sum, { length }) => sum + length, 0);
  const prices = laid.map(({ stick }) => sources[stick]?.price ?? null);
  return {
    tube,
    sticks,
    proven: optimal,
    atBest: cost > 0 ? lowerBound / cost : 1,
    totals: {
      pieces: needs.length,
      used,
      offcuts,
      kerfs: whole - used - offcuts,
      mass: (sectionProperties({ od: tube.od.mm, wall: tube.wall.mm }).massPerLength * whole) / 1000,
      bought: boughtIn(sticks),
      price: prices.some((price) => price === null)
        ? null
        : prices.reduce<number>((sum, price) => sum + (price ?? 0), 0),
    },
  };
}

function boughtIn(sticks: readonly PlannedStick[]): CutTotals['bought'] {
  const bought: CutTotals['bought'] = [];
  for (const { from, length } of sticks) {
    if (!('buy' in from)) continue;
    const same = bought.find(({ stock }) => stock === from.buy);
    if (same) same.count += 1;
    else bought.push({ stock: from.buy, length, count: 1 });
  }
  return bought;
}
