import { distanceToPath, lengthOf, pointAt } from '../centreline/index.ts';
import { andThen, fail, type Outcome, succeed } from '../fault/index.ts';
import { type Attachment, type CarSide, type MemberReference, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { heightPoint, stationPoint } from './station.ts';
import { type Tube } from './tube.ts';

/** A tube that stands already, and the side it belongs to where it is one of twins. */
export interface StandingTube {
  tube: Tube;
  side: CarSide | null;
}

/** Where an end stands, and the tubes it meets there. Car's frame, mm. */
export interface Footing {
  point: Vec3;
  headers: Tube[];
}

type Place = Extract<Attachment, { kind: 'point' }>['at'];
export const placeOf = ([x, y, z]: Place): Vec3 => [x.mm, y.mm, z.mm];

/** Finds the place of an attachment among the tubes that stand. */
export function footingOf(
  attachment: Attachment,
  standing: StandingTube[],
  plan: Pick<Plan, 'plates'>,
): Outcome<Footing> {
  const alone = (point: Vec3): Outcome<Footing> => succeed({ point, headers: [] });
  switch (attachment.kind) {
    case 'landing':
      return fail(
        'landing',
        '',
        'a landing is for the feet of the main hoop: let a bar end at a plate or a point',
      );
    case 'point':
    case 'panel':
      return alone(placeOf(attachment.at));
    case 'plate': {
      const at = plan.plates.find((plate) => plate.id === attachment.plate)?.at;
      return at
        ? alone(placeOf(at))
        : fail('no-plate', '', 'the plate it stands on has no place of its own: give it one');
    }
    case 'station':
      return andThen(referred(attachment.on, standing), ({ tube }) =>
        andThen(stationPoint(tube, attachment.station), (point) => succeed({ point, headers: [tube] })),
      );
    case 'height':
      return andThen(referred(attachment.on, standing), ({ tube, side }) =>
        andThen(
          heightPoint(tube, attachment.height.mm, side === null ? (attachment.on.side ?? null) : null),
          (point) => succeed({ point, headers: [tube] }),
        ),
      );
    case 'joint':
      return andThen(referred(attachment.of[0], standing), (first) =>
        andThen(referred(attachment.of[1], standing), (second) =>
          succeed({ point: nearestOf(first.tube, second.tube), headers: [first.tube, second.tube] }),
        ),
      );
  }
}

/** The tube that a reference names: by its piece, by its side, or the member's only one. */
function referred({ member, piece, side }: MemberReference, standing: StandingTube[]): Outcome<StandingTube> {
  const tubes = standing.filter(({ tube }) => tube.member === member);
  const named =
    tubes.find((one) => one.tube.piece === piece) ??
    tubes.find((one) => side !== undefined && one.side === side);
  const [only] = tubes;
  if (named) return succeed(named);
  if (only && tubes.length === 1) return succeed(only);
  return only
    ? fail('which-twin', '', `${only.tube.stamp} is one of twins: say the left or the right one`)
    : fail('not-standing', '', 'the member it stands on is not there, or could not be placed itself');
}

/** The point of the first axis that is nearest to the second: where their node lies. */
function nearestOf(first: Tube, second: Tube): Vec3 {
  const total = lengthOf(first.axis);
  const gap = (along: number) => distanceToPath(pointAt(first.axis, along) as Vec3, second.axis);
  const SAMPLES = 200;
  let best = 0;
  for (let i = 1; i <= SAMPLES; i++) {
    const along = (total * i) / SAMPLES;
    if (gap(along) < gap(best)) best = along;
  }
  let step = total / SAMPLES;
  while (step > 1e-7) {
    const nearer = [Math.max(0, best - step), Math.min(total, best + step)].find(
      (along) => gap(along) < gap(best),
    );
    if (nearer === undefined) step /= 2;
    else best = nearer;
  }
  return pointAt(first.axis, best) as Vec3;
}
