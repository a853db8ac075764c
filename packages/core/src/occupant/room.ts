import { kept } from '../kept/index.ts';
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

const axisOf = ({ from, to }: Volume): Piece[] => straightAxis(from, to);

const isBall = ({ from, to }: Volume): boolean => from[0] === to[0] && from[1] === to[1] && from[2] === to[2];

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

/** The least room between each person and each tube within reach, over all settings of the seat. bodies: one per setting; reach: mm. */
export function roomsOf(bodies: Body[], tubes: Tube[], padding: number, reach = FAR): Room[] {
  const rooms = new Map<string, Room>();
  const boxes = tubes.map((tube) => ({ tube, box: boxOf(tube) }));
  for (const body of bodies)
    for (const volume of body.volumes)
      for (const { tube, box } of boxes) {
        const key = `${body.occupant}/${tube.piece}`;
        const known = rooms.get(key)?.gap ?? reach;
        if (areApart(boxOf({ points: [volume.from, volume.to] }), box, known + volume.radius + tube.od / 2))
          continue;
        const gap = gapTo(volume, tube);
        if (gap >= known) continue;
        rooms.set(key, {
          occupant: body.occupant,
          who: body.who,
          part: volume.part,
          notch: body.notch,
          member: tube.member,
          piece: tube.piece,
          stamp: tube.stamp,
          gap,
          padded: gap - padding,
        });
      }
  return [...rooms.values()].sort((a, b) => a.gap - b.gap);
}

/** The least room between a helmet and a tube's surface over all settings of all seats, however far; null without either. mm */
export function helmetRoom({ occupants }: Pick<Plan, 'occupants'>, tubes: Tube[]): number | null {
  return (
    roomsOf(
      occupants.flatMap((person) => helmetsOf(person)),
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
