import { placeOf, type Tube } from '../cage/index.ts';
import { polylineOf } from '../centreline/index.ts';
import { type CarSide, type Occupant, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { placesOf } from './body.ts';

/** How a door bar stands between the seat and the door's skin. mm */
export interface DoorBarRoom {
  member: string;
  piece: string;
  stamp: string;
  side: CarSide;
  /** To the door's skin; null where it is not measured. */
  toSkin: number | null;
  /** To the seat beside it; null where nobody sits there or none of the bar passes the seat. */
  toSeat: number | null;
  seat: string;
}

/** The seat as a box beside which a door bar passes. mm; common practice where its width is not measured. */
const SEAT = { width: 520, behindShoulder: 120, belowHip: 120 };

/** Arcs are looked at this often. Degrees */
const FINE = 2;

/** Each door bar against the door's skin outside and the seat inside. */
export function doorBarRooms({ survey, occupants }: Plan, tubes: Tube[]): DoorBarRoom[] {
  return tubes
    .filter(({ role, points }) => role === 'door-bar' && points.length > 1)
    .map((tube) => {
      const line = polylineOf(tube.axis, FINE);
      const middle = line.reduce((sum, [, y]) => sum + y, 0);
      const side: CarSide = middle > 0 ? 'left' : 'right';
      const skin = survey.measures[side === 'left' ? 'doorSkinLeft' : 'doorSkinRight']?.mm;
      const outermost = Math.max(...line.map(([, y]) => Math.abs(y))) + tube.od / 2;
      const seats = occupants
        .map((person) => ({ name: person.name, room: toSeat(person, side, line, tube.od) }))
        .filter((one): one is { name: string; room: number } => one.room !== null)
        .sort((a, b) => a.room - b.room);
      return {
        member: tube.member,
        piece: tube.piece,
        stamp: tube.stamp,
        side,
        toSkin: skin === undefined ? null : skin - outermost,
        toSeat: seats[0]?.room ?? null,
        seat: seats[0]?.name ?? '',
      };
    });
}

/** From the bar to the side of a seat, where the bar passes it: between its back and the knees, hip and shoulder. */
function toSeat(person: Occupant, side: CarSide, line: Vec3[], od: number): number | null {
  const { shoulder, hip, knee } = placesOf(person);
  if (!person.shoulder || !shoulder || !hip || !knee) return null;
  const [, y] = placeOf(person.shoulder);
  const sign = side === 'left' ? 1 : -1;
  const seatSide = sign * y + (person.body.seatWidth?.mm ?? SEAT.width) / 2;
  // A bar on the other side of the car is beside somebody else.
  if (Math.sign(y) === -sign) return null;
  const limits = {
    x: [shoulder[0] - SEAT.behindShoulder, knee[0]],
    z: [hip[2] - SEAT.belowHip, shoulder[2]],
  } as const;
  const inmost = line.flatMap((at, i) => {
    const next = line[i + 1];
    return next ? acrossWithin(at, next, limits).map((across) => sign * across) : [];
  });
  return inmost.length === 0 ? null : Math.min(...inmost) - od / 2 - seatSide;
}

/** How far from the middle a straight is where it enters and leaves the limits; empty where it stays outside. */
function acrossWithin(
  from: Vec3,
  to: Vec3,
  { x, z }: { x: readonly [number, number]; z: readonly [number, number] },
): number[] {
  let [start, end] = [0, 1];
  for (const [axis, [low, high]] of [[0, x] as const, [2, z] as const]) {
    const along = to[axis] - from[axis];
    if (along === 0) {
      if (from[axis] < low || from[axis] > high) return [];
      continue;
    }
    const [a, b] = [(low - from[axis]) / along, (high - from[axis]) / along];
    start = Math.max(start, Math.min(a, b));
    end = Math.min(end, Math.max(a, b));
  }
  return start > end ? [] : [start, end].map((share) => from[1] + (to[1] - from[1]) * share);
}
