import { type Copes, type End, type Joint, type PartAnswer, type Tube } from '../cage/index.ts';
import { nearestBetween } from '../centreline/index.ts';
import { type Part, type PartOf, type Plan } from '../plan/index.ts';
import { openEnds } from './room/feet.ts';

/** Round a seam that much of a tube is cleaned to bare metal. mm; common practice */
export const CLEANED_BACK = 25;
/** The hole that lets the air of a closed tube out while it is welded. mm; common practice */
export const VENT_HOLE = 3;

/** What is done to a tube before it is fitted. mm */
export interface BeforeFitting {
  stamp: string;
  /** Ends that are welded to something: deburred, and bare to the metal. */
  welded: End[];
  /** Ends that nothing is welded to. */
  open: End[];
  /** Other tubes that land on it: bare there too. From the ear of end A along its axis. */
  landings: { stamp: string; at: number }[];
  /** The end that is welded last of a tube that is then closed: its vent hole is drilled there; null where one end stays open. */
  vent: End | null;
  /** What is slid on, or in, while its ends are free. */
  first: { stamp: string; kind: 'splice' | 'bolted-joint' | 'belt-guide' }[];
}

/** What stands of a cage, and where its parts lie. */
interface Standing {
  tubes: readonly Tube[];
  joints: readonly Joint[];
  parts: readonly PartAnswer[];
}

/** What a tube wants done before it is fitted; null where it has no cut ends, as one that came with the car. tubes: all that stand. */
export function beforeFitting(
  plan: Plan,
  { ends, seams }: Pick<Copes, 'ends' | 'seams'>,
  { tubes, joints, parts }: Standing,
  piece: string,
): BeforeFitting | null {
  const tube = tubes.find((one) => one.piece === piece);
  const own = ends.filter((cut) => cut.piece === piece);
  const [a] = own;
  if (!tube || !a) return null;
  const open = openEnds(plan, own);
  const welded = own.map(({ end }) => end).filter((end) => !open.includes(end));
  // Seams stand in the order of fitting; an end on a plate or the floor is welded after those that are coped.
  const lastOf = (end: End) => {
    const at = seams.findIndex((seam) => seam.piece === piece && seam.end === end);
    return at < 0 ? Infinity : at;
  };
  const last = lastOf('a') > lastOf('b') ? 'a' : 'b';
  const ear = own.find(({ end }) => end === 'a')?.ear ?? 0;
  return {
    stamp: tube.stamp,
    welded,
    open,
    landings: landingsOn(tube, tubes, joints, ear),
    vent: open.length === 0 ? last : null,
    first: firstOn(plan, tube, parts),
  };
}

function landingsOn(tube: Tube, tubes: readonly Tube[], joints: readonly Joint[], ear: number) {
  const landing = new Set(joints.filter(({ header }) => header === tube.piece).map(({ piece }) => piece));
  return tubes
    .filter(({ piece }) => landing.has(piece))
    .map((one) => ({ stamp: one.stamp, at: nearestBetween(tube.axis, one.axis).along - ear }))
    .sort((x, y) => x.at - y.at);
}

/** Whether a part slides into a tube, or over it, while an end of that is free. */
export const isSleeve = (part: Part): part is PartOf<'splice' | 'bolted-joint'> =>
  part.kind === 'splice' || (part.kind === 'bolted-joint' && part.style === 'sleeve');

/** Guides go round a bar before it stands; tabs are welded on after. */
const isGuide = (part: Part): part is PartOf<'belt-guide'> =>
  part.kind === 'belt-guide' && part.style === 'guide';

const firstOn = (plan: Plan, { stamp }: Tube, parts: readonly PartAnswer[]): BeforeFitting['first'] =>
  plan.parts.flatMap((part) => {
    const lies = parts.some((one) => one.part === part.id && one.on === stamp);
    return lies && (isSleeve(part) || isGuide(part)) ? [{ stamp: part.stamp, kind: part.kind }] : [];
  });
