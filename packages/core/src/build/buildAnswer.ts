import { itemAt } from '../items/index.ts';
import { type CopeSetting } from '../cage/index.ts';
import {
  type BestOrder,
  bestOrder,
  type BuildProblem,
  type BuildCost,
  compareCost,
  faultsOf,
  type OrderFault,
  timelineOf,
} from './order/index.ts';
import { type Plan } from '../plan/index.ts';
import { type LowerHoop, lowerHoop } from './room/lowerHoop.ts';
import { type BuildRoom, buildRoomOf } from './room/buildRoom.ts';
import { type ExitAnswer, exitOf } from './room/exit.ts';
import { stepsOf } from './steps/stepsOf.ts';
import { type BuildStep } from './steps/step.ts';

/** A tube that is built in, by its number in the problem. */
export interface BuiltTube {
  piece: string;
  member: string;
  stamp: string;
}

/** The ways to get at the tops of a cage, each with what is still out of the torch's reach. */
export interface ReachCompared {
  /** Left in its place all the time. */
  inPlace: BuildCost;
  /** Let down as the plan has it; null where it has it nowhere. */
  dropped: BuildCost | null;
  /** Standing lower from the start; null where the roof is in nobody's way, or not known. */
  lower: LowerHoop | null;
  /** Seams that are reached in no way but through a hole in roof or floor, or by a section that comes off, with the cage in its place. */
  throughHoles: { stamp: string; end: 'a' | 'b'; length: number }[];
}

/** The order of building a cage, in steps. Tubes by number where nothing else is said. */
export interface BuildAnswer {
  tubes: BuiltTube[];
  problem: BuildProblem;
  /** The tubes that each stands on by the plan, and not only for the order of fitting. */
  standsOn: number[][];
  /** As the steps have it: the plan's, mended where that cannot be built. */
  order: number[];
  /** What the plan's own order of fitting does that cannot be done. */
  faults: OrderFault[];
  /** Whether an order that can be built was found; the steps are in the plan's own where none was. */
  buildable: boolean;
  cost: BuildCost;
  /** A better one; null where none was found. */
  better: { order: number[]; cost: BuildCost } | null;
  /** Whether no order loses fewer seams or takes fewer moves than the better, or than this one. */
  proven: boolean;
  steps: BuildStep[];
  compared: ReachCompared;
  /** Whether it comes out of the car again in one piece; null where it is welded in. */
  exit: ExitAnswer | null;
  /** Whether the body over every seam is measured: where it is not, more may be out of reach. */
  roofKnown: boolean;
}

/** The order of building of a plan: its own order of fitting, or the nearest that was found where that cannot be built. */
export function buildAnswerOf(setting: CopeSetting): BuildAnswer {
  const room = buildRoomOf(setting);
  const faults = faultsOf(room.problem, room.order);
  const best = bestOrder(room.problem, room.order);
  const order = faults.length === 0 ? room.order : (best?.order ?? room.order);
  const timeline = timelineOf(room.problem, order);
  return {
    tubes: room.tubes.map(({ piece, member, stamp }) => ({ piece, member, stamp })),
    problem: room.problem,
    standsOn: room.standsOn,
    order,
    faults,
    buildable: best !== null,
    cost: timeline.cost,
    better: betterThan(timeline.cost, best),
    proven: best?.proven ?? false,
    steps: stepsOf({ setting, room, order, timeline }),
    compared: comparedOf(setting.plan, room, order),
    exit: setting.plan.brief.joining === 'bolted' ? exitOf(setting.plan, room.tubes) : null,
    roofKnown: room.seams.every(({ places }) => places.every(({ roofKnown: [inPlace] }) => inPlace === true)),
  };
}

const betterThan = (cost: BuildCost, best: BestOrder | null): BuildAnswer['better'] =>
  best && compareCost(best.cost, cost) < 0 ? { order: best.order, cost: best.cost } : null;

/** The same order with the cage let down, and left in its place. */
function comparedOf(plan: Plan, room: BuildRoom, order: number[]): ReachCompared {
  const { problem, seams, tubes, parts } = room;
  const inPlace = timelineOf({ ...problem, drops: false }, order);
  return {
    inPlace: inPlace.cost,
    lower: lowerHoop(plan, room, order),
    dropped: problem.drops ? timelineOf(problem, order).cost : null,
    throughHoles: inPlace.welds
      .filter(({ lost }) => lost > 0)
      .map(({ part, lost }) => {
        const { end, length, places, tube } = itemAt(seams, itemAt(parts, part).seam);
        return {
          stamp: itemAt(tubes, tube).stamp,
          end: end.cut.end,
          length: (length * lost) / places.length,
        };
      }),
  };
}
