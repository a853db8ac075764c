import { nearestBetween } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed } from '../../fault/index.ts';
import { type Attachment, type CarSide, type MemberReference, type Plate } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { placeOf } from './place.ts';
import { heightOnRow, nearestParts, type Row, type RowPlace, stationOnRow } from './row.ts';
import { type Tube } from '../tube.ts';

/** A tube that stands already, and the side it belongs to where it is one of twins. */
export interface StandingTube {
  tube: Tube;
  side: CarSide | null;
}

/** Where an end stands, and the tubes it meets there. Car's frame, mm. */
export interface Footing {
  point: Vec3;
  headers: Tube[];
  /** How far it passes beside the axis of what it stands on, on purpose. */
  aside?: number;
}

/** Finds the place of an attachment among the tubes that stand. */
export function footingOf(
  attachment: Attachment,
  standing: StandingTube[],
  plates: Plate[],
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
      const at = plates.find((plate) => plate.id === attachment.plate)?.at;
      return at
        ? alone(placeOf(at))
        : fail('no-plate', '', 'the plate it stands on has no place of its own: give it one');
    }
    case 'station':
      return onRow(rowOf(attachment.on, standing), (row) => stationOnRow(row, attachment.station));
    case 'height':
      return onRow(rowOf(attachment.on, standing), (row, side) =>
        heightOnRow(row, attachment.height.mm, side === null ? (attachment.on.side ?? null) : null),
      );
    case 'joint':
      return andThen(rowOf(attachment.of[0], standing), ({ row: first }) =>
        andThen(rowOf(attachment.of[1], standing), ({ row: second }) => {
          const [a, b] = nearestParts(first, second);
          return succeed({ point: nearestBetween(a.axis, b.axis).first, headers: [a, b] });
        }),
      );
  }
}

function onRow(
  row: Outcome<RowOfSide>,
  placeOn: (row: Row, side: CarSide | null) => Outcome<RowPlace>,
): Outcome<Footing> {
  return andThen(row, ({ row, side }) =>
    andThen(placeOn(row, side), ({ tube, point }) => succeed({ point, headers: [tube] })),
  );
}

/** A bar's tubes in line, and the side they are on where it is one of twins. */
export interface RowOfSide {
  row: Row;
  side: CarSide | null;
}

/** The bar that a reference means: the one on the named side or the one that has the named piece, or the only one. */
export function rowOf(
  { member, piece, side }: MemberReference,
  standing: StandingTube[],
): Outcome<RowOfSide> {
  const tubes = standing.filter(({ tube }) => tube.member === member);
  const [only] = tubes;
  if (!only)
    return fail('not-standing', '', 'the member it stands on is not there, or could not be placed itself');
  const named = tubes.find(({ tube }) => tube.piece === piece) ?? tubes.find((one) => one.side === side);
  const twins = tubes.some((one) => one.side !== only.side);
  if (!named && twins)
    return fail('which-twin', '', `${only.tube.stamp} is one of twins: say the left or the right one`);
  const own = named?.side ?? only.side;
  const [first = only.tube, ...rest] = tubes.filter((one) => one.side === own).map(({ tube }) => tube);
  return succeed({
    row: [first, ...rest],
    side: own,
  });
}
