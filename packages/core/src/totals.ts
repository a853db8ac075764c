import { arcsIn } from './centreline/index.ts';
import { type Cage, type GussetAnswer, isExisting, type PartAnswer, type PlateAnswer } from './cage/index.ts';
import { type Finding } from './findings/index.ts';

/** What a cage takes: new tubes only in metres, bends and copes; `mass` of everything but what came with the car. */
export interface Totals {
  mass: number;
  metres: number;
  bends: number;
  tubes: number;
  /** Ends that sit on another tube. */
  copes: number;
  /** Joints whose axes miss by more than the tape's error. */
  offNode: number;
}

/** What is made beside the tubes. */
interface Beside {
  plates: PlateAnswer[];
  gussets: GussetAnswer[];
  parts: PartAnswer[];
}

/** Adds up what a cage takes. */
export function totalsOf(
  { members, joints }: Cage,
  { plates, gussets, parts }: Beside,
  findings: Finding[],
): Totals {
  const made = members.filter(({ member }) => !isExisting(member)).flatMap(({ pieces }) => pieces);
  const tubes = made.flatMap(({ tube }) => (tube.ok ? [tube.value] : []));
  const ends = new Set(
    joints
      .filter(({ piece }) => tubes.some((tube) => tube.piece === piece))
      .map(({ piece, end }) => piece + end),
  );
  const sum = (masses: number[]) => masses.reduce((total, one) => total + one, 0);
  return {
    mass:
      sum(tubes.map(({ mass }) => mass)) +
      sum(plates.map(({ mass }) => mass)) +
      sum(gussets.map(({ shape }) => (shape.ok ? shape.value.mass : 0))) +
      sum(parts.map(({ answer }) => (answer.ok ? answer.value.mass : 0))),
    metres: sum(tubes.map(({ developed }) => developed)) / 1000,
    // By the path: a bend is one before its die is chosen.
    bends: sum(tubes.map(({ axis }) => arcsIn(axis).length)),
    tubes: tubes.length,
    copes: ends.size,
    offNode: findings.filter(({ code }) => code === 'off-node').length,
  };
}
