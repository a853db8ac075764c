import { nearestBetween } from '../centreline/index.ts';
import { andThen, fail, type Outcome, succeed } from '../fault/index.ts';
import { type Attachment, type CarSide, type MemberReference, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { heightPoint, stationPoint } from './station.ts';
import { placeOf } from './place.ts';
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
      return onTube(attachment.on, standing, ({ tube }) => stationPoint(tube, attachment.station));
    case 'height':
      return onTube(attachment.on, standing, ({ tube, side }) =>
        heightPoint(tube, attachment.height.mm, side === null ? (attachment.on.side ?? null) : null),
      );
    case 'joint':
      return andThen(referred(attachment.of[0], standing), ([first]) =>
        andThen(referred(attachment.of[1], standing), ([second]) =>
          succeed({
            point: nearestBetween(first.tube.axis, second.tube.axis).first,
            headers: [first.tube, second.tube],
          }),
        ),
      );
  }
}

/** The place on the first piece of a member that has it: a split bar is asked piece by piece. */
function onTube(
  reference: MemberReference,
  standing: StandingTube[],
  placeOn: (tube: StandingTube) => Outcome<Vec3>,
): Outcome<Footing> {
  return andThen(referred(reference, standing), (candidates) =>
    andThen(firstPlaced(candidates, placeOn), ({ on, place }) =>
      succeed({ point: place, headers: [on.tube] }),
    ),
  );
}

/** The first candidate that has the place; where none has it, what the first one says. */
export function firstPlaced<T>(
  [first, ...others]: Candidates,
  placeOn: (tube: StandingTube) => Outcome<T>,
): Outcome<{ on: StandingTube; place: T }> {
  const own = placeOn(first);
  if (own.ok) return succeed({ on: first, place: own.value });
  for (const on of others) {
    const place = placeOn(on);
    if (place.ok) return succeed({ on, place: place.value });
  }
  return own;
}

type Candidates = [StandingTube, ...StandingTube[]];

/** The tubes that a reference may mean: the piece it names, those of its side, or all of a single member. */
export function referred(
  { member, piece, side }: MemberReference,
  standing: StandingTube[],
): Outcome<Candidates> {
  const tubes = standing.filter(({ tube }) => tube.member === member);
  const [only] = tubes;
  if (!only)
    return fail('not-standing', '', 'the member it stands on is not there, or could not be placed itself');
  const named = tubes.filter(({ tube }) => tube.piece === piece);
  const ofSide = tubes.filter((one) => side !== undefined && one.side === side);
  const twins = tubes.some((one) => one.side !== only.side);
  const meant = [named, ofSide].find((some) => some.length > 0) ?? tubes;
  if (meant === tubes && twins)
    return fail('which-twin', '', `${only.tube.stamp} is one of twins: say the left or the right one`);
  return succeed(meant as Candidates);
}
