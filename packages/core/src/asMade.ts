import { pathFrom } from './centreline/index.ts';
import { asPulled, type PulledOtherwise, startOf } from './bending/index.ts';
import {
  type BendSheet,
  gapsOf,
  keepOutGaps,
  rebent,
  type Tube,
  zoneGaps,
  collisionsOf,
} from './cage/index.ts';
import { type Evaluation, tubesIn } from './evaluation.ts';
import { andThen, type Outcome, succeed } from './fault/index.ts';
import { type Finding, tubeFindings } from './findings/index.ts';
import { assumedIn } from './known/index.ts';
import { degrees } from './measure/index.ts';
import { itemAt } from './items/index.ts';
import { type Plan } from './plan/index.ts';
import { angleBetween, distance, subtract, type Vec3 } from './space/index.ts';

/** A bend of a sheet that came out otherwise, and the numbers of those that are still to be made. */
export interface OneOtherwise {
  bend: number;
  made: PulledOtherwise;
  toCome: readonly number[];
}

/** A tube with one bend as it was made, put where its end A belongs: what it comes near to, and what its ends do at their joints. */
export interface AsMade {
  /** What stands in its way, or may, and does not as the tube is planned. */
  findings: Finding[];
  /** How far each end is off its place, and how much it leans otherwise there. mm, degrees */
  ends: Record<'a' | 'b', { off: number; turned: number }>;
}

/**
 * Whether a tube still clears the body and the other tubes, and what its copes meet, when one bend came out otherwise and all that are to be
 * made come as planned. Its end A is held where it belongs. Car's frame, mm, degrees.
 */
export function asMade(
  plan: Plan,
  evaluation: Pick<Evaluation, 'members' | 'joints' | 'findings'>,
  sheet: BendSheet,
  { bend, made, toCome }: OneOtherwise,
): Outcome<AsMade> {
  const { ends, corners } = sheet.marked.corners;
  const planned = [ends[0], ...corners.map(({ at }) => at), ends[1]];
  const clr = sheet.bends.map(({ finishedClr }) => finishedClr);
  return andThen(asPulled(sheet.marked, bend, made, toCome), ({ bends, tail }) => {
    const now = pathFrom(startOf(sheet.marked.corners), bends, tail);
    return andThen(tubeThrough(evaluation, sheet, now, clr), (tube) => {
      const others = tubesIn(evaluation).filter(({ piece }) => piece !== sheet.piece);
      const hoop = evaluation.members.find(({ member }) => member === sheet.member)?.hoop;
      const findings = tubeFindings({
        tape: plan.measuringError.mm,
        assumed: assumedIn(plan),
        member: sheet.member,
        keepOuts: keepOutGaps(plan, [tube]),
        zones: zoneGaps(plan, [tube]),
        gaps: hoop && 'hoop' in hoop ? gapsOf(hoop.hoop, tube.axis, tube.od, 'taped') : [],
        collisions: collisionsOf([...others, tube], evaluation.joints).filter(({ tubes }) =>
          tubes.includes(tube),
        ),
      });
      return succeed({
        findings: findings.filter((found) => found.status !== 'clear' && !isKnown(found, evaluation)),
        ends: { a: endOff(planned, now), b: endOff([...planned].reverse(), [...now].reverse()) },
      });
    });
  });
}

/** Whether the tube as it is planned has the same finding. */
const isKnown = ({ key, status }: Finding, { findings }: Pick<Evaluation, 'findings'>): boolean =>
  findings.some((one) => one.key === key && one.status === status);

/** The tube of a sheet along other points. */
function tubeThrough(
  evaluation: Pick<Evaluation, 'members'>,
  { piece }: BendSheet,
  points: Vec3[],
  clr: number[],
): Outcome<Tube> {
  const tube = tubesIn(evaluation).find((one) => one.piece === piece);
  if (!tube) throw new Error('a tube with a sheet stands');
  return rebent(tube, points, clr);
}

/** How far the first point of a path is off, and how much its first straight leans otherwise. */
function endOff(planned: Vec3[], now: Vec3[]): { off: number; turned: number } {
  const way = (points: Vec3[]) => subtract(itemAt(points, 1), itemAt(points, 0));
  return {
    off: distance(itemAt(planned, 0), itemAt(now, 0)),
    turned: degrees(angleBetween(way(planned), way(now))),
  };
}
