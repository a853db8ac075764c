import {
  type Cage,
  collisionsOf,
  type Drift,
  type Gap,
  type GussetAnswer,
  keepOutGaps,
  midDoor,
  outOfLine,
  type PartAnswer,
  type PlateAnswer,
  type Roller,
  unbracedBends,
  zoneGaps,
} from '../cage/index.ts';
import { type Assumed } from '../known/index.ts';
import { type PastPillar } from '../occupant/index.ts';
import { type Plan, type Shop } from '../plan/index.ts';
import { beyondFindings } from './beyondFindings.ts';
import {
  collisionFindings,
  keepOutFindings,
  midDoorFindings,
  offNodeFindings,
  outOfLineFindings,
  partFindings,
  sightFindings,
  unbracedFindings,
  zoneFindings,
} from './cageFindings.ts';
import { type Finding } from './finding.ts';
import { briefFindings, loopFindings, proposalFindings, twiceFindings } from './jobFindings.ts';
import { limitFindings } from './limitFindings.ts';
import { rollFindings } from './bender/rollFindings.ts';
import { driftFindings } from './bender/sheetFindings.ts';
import { walkFindings } from './bender/walkFindings.ts';
import { memberFindings } from './memberFindings.ts';

/** A plan with the answers that findings are made from. */
export interface Answered {
  plan: Plan;
  cage: Cage;
  /** Of each member's hoop to the body, in their order. */
  gaps: Gap[][];
  plates: PlateAnswer[];
  gussets: GussetAnswer[];
  parts: PartAnswer[];
  sights: PastPillar[];
  assumed: Assumed;
  drift: Drift[];
  roller: Roller | null;
  shop: Pick<Shop, 'machines'>;
}

/** Every finding of a cage as it is planned: of the job, its members, the books, and of what stands in what else's way. */
export function allFindings(answered: Answered, ofBooks: Finding[]): Finding[] {
  const { plan, cage, gaps, drift } = answered;
  return [
    ...briefFindings(plan),
    ...proposalFindings(plan),
    ...twiceFindings(plan),
    ...beyondFindings(plan),
    ...loopFindings(cage.loops),
    ...cage.members.flatMap((resolved, i) => memberFindings(plan, resolved, gaps[i] ?? [])),
    ...limitFindings(plan, cage.members, answered.assumed),
    ...ofBooks,
    ...clearanceFindings(answered),
    ...driftFindings(drift),
    ...rollFindings(cage.members, answered.roller),
    ...walkFindings(cage.members, answered.shop),
  ];
}

/** Tubes, plates and parts against the car, and against each other. */
function clearanceFindings(answered: Answered): Finding[] {
  const { plan, cage, plates, gussets, parts, assumed } = answered;
  const { standing, joints } = cage;
  const tubes = standing.map(({ tube }) => tube);
  const tape = plan.measuringError.mm;
  return [
    ...keepOutFindings(keepOutGaps(plan, tubes), tape, assumed),
    ...sightFindings(
      answered.sights,
      assumed,
      (id) => plan.survey.sights.find((one) => one.id === id)?.within.deg ?? 0,
    ),
    ...zoneFindings(zoneGaps(plan, tubes), tape, assumed),
    ...collisionFindings(collisionsOf(tubes, joints)),
    ...unbracedFindings(unbracedBends(tubes, joints, gussets)),
    ...midDoorFindings(midDoor(tubes)),
    ...offNodeFindings(joints, tubes, tape),
    ...outOfLineFindings(outOfLine(standing)),
    ...partFindings(plan, plates, gussets, parts),
  ];
}
