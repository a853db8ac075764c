import { kept, keptPair } from '../kept/index.ts';
import { type Said } from '../fault/index.ts';
import { areApart, boxOf, type Tube } from '../cage/index.ts';
import {
  distanceToPath,
  nearestBetween,
  nearestOnPath,
  type Piece,
  straightAxis,
} from '../centreline/index.ts';
import { type Occupant, type Plan } from '../plan/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { type Body, bodyOf, type BodyPart, type Volume } from './body.ts';
import { seatPoses } from './seat.ts';

/** How near somebody comes to a tube, at the worst setting of the seat. mm */
export interface Room {
  occupant: string;
  who: string;
  part: BodyPart;
  notch: Said;
  member: string;
  piece: string;
  stamp: string;
  /** From the body to the bare tube; negative where they run into each other. */
  gap: number;
  /** The same to its padding. */
  padded: number;
}

/** Nobody reaches a tube that is farther away than this; how far exactly does not matter. mm */
const FAR = 600;

/** The middle of a body's part. */
export const axisOf = ({ from, to }: Volume): Piece[] => straightAxis(from, to);

/** Whether a body's part is a ball, whose middle is a point. */
export const isBall = ({ from, to }: Volume): boolean =>
  from[0] === to[0] && from[1] === to[1] && from[2] === to[2];

/** From the surface of a body's part to a tube's surface; negative where they run into each other. mm */
export function gapTo(volume: Volume, { axis, od }: Pick<Tube, 'axis' | 'od'>): number {
  const between = isBall(volume)
    ? distanceToPath(volume.from, axis)
    : nearestBetween(axisOf(volume), axis).distance;
  return between - volume.radius - od / 2;
}

/** From the surface of a body's part to a point, mm; negative inside. */
export const gapToPoint = (volume: Volume, at: Vec3): number =>
  distance(at, nearestOnPath(at, axisOf(volume))) - volume.radius;

/**
 * The least room between each person and each tube within reach, over all settings of the seat. bodies: of each person, one per
 * setting; reach: mm.
 */
export function roomsOf(bodies: Body[][], tubes: Tube[], padding: number, reach = FAR): Room[] {
  return bodies
    .flatMap((ofOne) => tubes.flatMap((tube) => roomTo(ofOne, tube, reach) ?? []))
    .map((room) => ({ ...room, padded: room.gap - padding }))
    .sort((a, b) => a.gap - b.gap);
}

/** The least room between somebody and one tube; null where it is out of reach. */
const roomTo = keptPair((bodies: Body[], tube: Tube, reach: number): Omit<Room, 'padded'> | null => {
  const box = boxOf(tube);
  let room: Omit<Room, 'padded'> | null = null;
  for (const { occupant, who, notch, volumes } of bodies)
    for (const volume of volumes) {
      const known: number = room?.gap ?? reach;
      if (areApart(boxOf({ points: [volume.from, volume.to] }), box, known + volume.radius + tube.od / 2))
        continue;
      const gap = gapTo(volume, tube);
      if (gap >= known) continue;
      const { member, piece, stamp } = tube;
      room = { occupant, who, part: volume.part, notch, member, piece, stamp, gap };
    }
  return room;
});

/** The least room between a helmet and a tube's surface over all settings of all seats, however far; null without either. mm */
export function helmetRoom({ occupants }: Pick<Plan, 'occupants'>, tubes: Tube[]): number | null {
  return (
    roomsOf(
      occupants.map((person) => helmetsOf(person)),
      tubes,
      0,
      Infinity,
    )[0]?.gap ?? null
  );
}

/** Somebody's helmet at every setting of the seat. */
const helmetsOf = kept((person: Occupant): Body[] =>
  seatPoses(person.travel, 'all').map((pose) => {
    const body = bodyOf(person, pose);
    return { ...body, volumes: body.volumes.filter(({ part }) => part === 'helmet') };
  }),
);
