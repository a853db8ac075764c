import { andThen, type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { assumed, degrees, finelyInDegrees, finelyWritten, type Unit } from '../../measure/index.ts';
import { type ShapeOf, type TakeOffRow, type Towards } from '../../plan/index.ts';
import { add, angleAbout, cross, scale, type Vec3 } from '../../space/index.ts';
import { chordOf, upFrom } from '../shape/index.ts';
import { type TraceFit } from './fitTrace.ts';

/** Where a trace goes in the car: between two ends, its left side to one of the car's directions, or its right side mirrored. */
export interface TracePlace {
  a: Vec3;
  b: Vec3;
  /** Where the left of the trace lies, going from end A to end B. */
  towards: Towards;
  /** The trace was taken on the other side of the car, or from the back. */
  mirrored: boolean;
}

/** A traced tube as a take-off, and how much longer it reaches than its ends stand apart. mm */
export interface TracedShape {
  shape: ShapeOf<'take-off'>;
  longer: number;
}

/** The take-off of a fitted trace, turned so that its end lies on the line to end B. unit: of the job. Car's frame, mm */
export function tracedShape(fit: TraceFit, place: TracePlace, unit: Unit): Outcome<TracedShape> {
  return andThen(chordOf(place.a, place.b, place.towards), (chord) => {
    const hand = place.mirrored ? -1 : 1;
    const [from, to] = [itemAt(fit.points, 0), itemAt(fit.points, -1)];
    const reach = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const turned = Math.atan2(to[1] - from[1], to[0] - from[0]);
    const first = itemAt(fit.points, 1);
    const leaves = hand * (Math.atan2(first[1] - from[1], first[0] - from[0]) - turned);
    const heading = add(scale(chord.along, Math.cos(leaves)), scale(chord.aside, Math.sin(leaves)));
    const left = add(scale(chord.along, -Math.sin(leaves)), scale(chord.aside, Math.cos(leaves)));
    const bends = scale(left, hand * firstTurn(fit));
    const roll = degrees(angleAbout(heading, upFrom(heading), bends));
    const aim = add(place.a, scale(heading, Math.max(fit.lra.bends[0]?.length ?? reach, 100)));
    const rows = fit.lra.bends.map((bend, i): TakeOffRow => ({
      straight: finelyWritten(bend.length, unit),
      turn: { kind: 'degrees', angle: finelyInDegrees(i === 0 ? 0 : bend.rotation) },
      angle: finelyInDegrees(bend.angle),
      takes: finelyWritten((bend.clr * bend.angle * Math.PI) / 180, unit),
    }));
    const at = (i: 0 | 1 | 2) => finelyWritten(aim[i], unit);
    return succeed({
      shape: assumed({
        kind: 'take-off',
        aim: [at(0), at(1), at(2)],
        roll: finelyInDegrees(roll),
        sample: null,
        rows,
        tail: finelyWritten(fit.lra.tail, unit),
      }),
      longer: reach - chord.length,
    });
  });
}

/** Which way the first bend of a trace turns: 1 to the left, -1 to the right. */
function firstTurn({ points }: TraceFit): number {
  const corners = points.slice(0, 3).map(([x, y]): Vec3 => [x, y, 0]);
  const [a, b, c] = [corners[0] ?? ZERO, corners[1] ?? ZERO, corners[2] ?? ZERO];
  const turn = cross([b[0] - a[0], b[1] - a[1], 0], [c[0] - b[0], c[1] - b[1], 0])[2];
  return turn < 0 ? -1 : 1;
}

const ZERO: Vec3 = [0, 0, 0];
