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
  const beside = dense(line).filter(
    ([x, , z]) =>
      x > shoulder[0] - SEAT.behindShoulder && x < knee[0] && z > hip[2] - SEAT.belowHip && z < shoulder[2],
  );
  // A bar on the other side of the car is beside somebody else.
  if (beside.length === 0 || Math.sign(y) === -sign) return null;
  return Math.min(...beside.map(([, across]) => sign * across)) - od / 2 - seatSide;
}

/** Points along a line no farther apart than a tube is thick. */
function dense(line: Vec3[]): Vec3[] {
  const STEP = 20;
  return line.flatMap((at, i) => {
    const next = line[i + 1];
    if (!next) return [at];
    const steps = Math.max(
      1,
      Math.ceil(Math.hypot(next[0] - at[0], next[1] - at[1], next[2] - at[2]) / STEP),
    );
    return Array.from({ length: steps }, (_, k): Vec3 => {
      const share = k / steps;
      return [
        at[0] + (next[0] - at[0]) * share,
        at[1] + (next[1] - at[1]) * share,
        at[2] + (next[2] - at[2]) * share,
      ];
    });
  });
}
