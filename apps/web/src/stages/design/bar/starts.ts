import {
  endFeatures,
  type Evaluation,
  type MemberReference,
  type Part,
  type Plan,
  type Plate,
  type Tube,
} from '@gyrus/core';
import { type Header } from '../parts/freshPart.ts';

/** The tubes of a bar on one side from its end A to its end B: stations are the whole bar's. */
function rowsOf({ members }: Evaluation): { member: string; side: 'left' | 'right' | null; tubes: Tube[] }[] {
  return members.flatMap(({ member, pieces }) =>
    [...new Set(pieces.map(({ side }) => side))].map((side) => ({
      member,
      side,
      tubes: pieces.filter((piece) => piece.side === side).flatMap(({ tube }) => tube ?? []),
    })),
  );
}

/** Where a part starts, so that it has a place at once: the middle of the longest straight of a tube that it belongs on. */
export function headerFor(kind: Part['kind'], evaluation: Evaluation): Header | null {
  const rows = rowsOf(evaluation).filter(({ tubes }) => tubes.length > 0);
  const wanted = kind === 'belt-guide' ? rows.filter(({ tubes }) => tubes[0]?.role === 'harness-bar') : [];
  const row = wanted[0] ?? rows[0];
  const first = row?.tubes[0];
  if (!row || !first) return null;
  const straights = first.axis.filter((piece) => piece.kind === 'straight');
  const longest = straights.reduce(
    (best, one) => (one.length > best.length ? one : best),
    straights[0] ?? first.axis[0]!,
  );
  return {
    member: row.member,
    ...(row.side ? { side: row.side } : {}),
    feature: endFeatures(first)[0],
    along: longest.start + longest.length / 2,
  };
}

/** The ends and bends of the bar that something is on, by their names. */
export function featuresOf(evaluation: Evaluation, on: MemberReference): string[] {
  const row = rowsOf(evaluation).find(
    ({ member, side, tubes }) =>
      member === on.member &&
      (side === (on.side ?? null) || tubes.some(({ piece }) => piece === on.piece) || on.side === undefined),
  );
  const [first] = row?.tubes ?? [];
  if (!row || !first) return [];
  const [endA, endB] = endFeatures(first);
  return [endA, ...row.tubes.flatMap(({ features }) => features), endB];
}

/** Sharper corners than this take longer legs than a gusset starts with. Degrees */
const ROOMY = 50;

/** Two tubes that meet, for a gusset to start in their corner. */
export function cornerFor(evaluation: Evaluation): [MemberReference, MemberReference] | null {
  const rows = rowsOf(evaluation);
  const of = (piece: string): MemberReference | null => {
    const row = rows.find(({ tubes }) => tubes.some((tube) => tube.piece === piece));
    return row ? { member: row.member, ...(row.side ? { side: row.side } : {}) } : null;
  };
  const joint = evaluation.joints.find(({ angle }) => angle >= ROOMY) ?? evaluation.joints[0];
  const [header, branch] = joint ? [of(joint.header), of(joint.piece)] : [null, null];
  return header && branch ? [header, branch] : null;
}

type Foot = NonNullable<Plate['under']>;

/** Ends that stand on no tube. */
const feetOf = (evaluation: Evaluation): Foot[] =>
  rowsOf(evaluation).flatMap(({ member, side, tubes }) =>
    (['a', 'b'] as const).flatMap((end): Foot[] => {
      const tube = end === 'a' ? tubes[0] : tubes.at(-1);
      const stands = evaluation.joints.some((joint) => joint.piece === tube?.piece && joint.end === end);
      return tube && !stands ? [{ member, end, ...(side ? { side } : {}) }] : [];
    }),
  );

/** Feet that no plate is under: ends that stand on no tube. */
export const bareFeet = ({ plates }: Plan, evaluation: Evaluation): Foot[] =>
  feetOf(evaluation).filter(
    (foot) =>
      !plates.some(
        ({ under }) =>
          under?.member === foot.member &&
          under.end === foot.end &&
          (under.side === undefined || under.side === foot.side),
      ),
  );

/** The first foot that no plate is under, or any. */
export const footFor = (plan: Plan, evaluation: Evaluation): Plate['under'] =>
  bareFeet(plan, evaluation)[0] ?? feetOf(evaluation)[0] ?? null;
