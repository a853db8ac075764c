import { type Collision, type Gap, type KeepOutGap, type ZoneGap } from '../cage/index.ts';
import { type Assumed } from '../known/index.ts';
import { collisionFindings, keepOutFindings, zoneFindings } from './cageFindings.ts';
import { type Finding } from './finding.ts';
import { gapFindings } from './jobFindings.ts';

/** What one tube stands in or near to, as measured along its axis. mm */
export interface TubeSurroundings {
  member: string;
  /** What the tape is trusted to. */
  tape: number;
  assumed: Assumed;
  /** To the body, of a main hoop. */
  gaps: Gap[];
  keepOuts: KeepOutGap[];
  zones: ZoneGap[];
  collisions: Collision[];
}

/** Findings of one tube against the body and the others, whichever way its axis was come by. */
export const tubeFindings = ({
  member,
  tape,
  assumed,
  gaps,
  keepOuts,
  zones,
  collisions,
}: TubeSurroundings): Finding[] => [
  ...gapFindings(gaps, member, tape),
  ...keepOutFindings(keepOuts, tape, assumed),
  ...zoneFindings(zones, tape, assumed),
  ...collisionFindings(collisions),
];
