import { type Tube } from '../cage/index.ts';
import { kept } from '../kept/index.ts';
import { type Occupant, type Plan } from '../plan/index.ts';
import { type Body, bodyOf } from './body.ts';
import { type DoorBarRoom, doorBarRooms } from './doors.ts';
import { entriesOf, type Entry } from './entry.ts';
import { FRONT_HOOP, underHoop, type UnderHoop } from './helmet.ts';
import { paddingList, type Stretch } from './padding.ts';
import { type Room, roomsOf } from './room.ts';
import { AS_MEASURED, seatPoses } from './seat.ts';
import { type Sight, sightOf } from './sight.ts';

/** Somebody in the car as measured, with what the cage leaves of the view. */
export interface Seated {
  body: Body;
  /** null without an eye: nobody measured the helmet's top. */
  sight: Sight | null;
  /** null without a helmet, or without a main hoop. */
  underHoop: UnderHoop | null;
}

/** The people in the cage: what they can hit, what they see, how they get in. mm, degrees */
export interface CockpitAnswer {
  people: Seated[];
  /** The nearest first. */
  rooms: Room[];
  padding: Stretch[];
  entries: Entry[];
  doorBars: DoorBarRoom[];
}

/** Somebody at every setting of the seat. */
const bodiesOf = kept((person: Occupant): Body[] =>
  seatPoses(person.travel, 'all').map((pose) => bodyOf(person, pose)),
);
const measuredBody = kept((person: Occupant): Body => bodyOf(person, AS_MEASURED));

/** Everybody that the plan seats, against every tube. */
export function cockpitOf(plan: Plan, tubes: Tube[]): CockpitAnswer {
  const { occupants, cockpit } = plan;
  const bodies = occupants.map((person) => bodiesOf(person));
  const hoop = tubes.find(({ role }) => role === 'main-hoop');
  const front = tubes.filter(({ role }) => FRONT_HOOP.includes(role));
  return {
    people: occupants.map((person) => {
      const body = measuredBody(person);
      return {
        body,
        sight: body.eye && sightOf(body.eye, tubes),
        underHoop: hoop ? underHoop(person, hoop, front) : null,
      };
    }),
    rooms: roomsOf(bodies, tubes, cockpit.padding.mm),
    padding: paddingList(bodies.flat(), tubes, cockpit),
    entries: entriesOf(plan, tubes),
    doorBars: doorBarRooms(plan, tubes),
  };
}
