import { decided } from '../measure/index.ts';
import { type CockpitAnswer, isTooLow, type Room, type Stretch } from '../occupant/index.ts';
import { type Plan } from '../plan/index.ts';
import { assumedIn } from '../known/index.ts';
import { resting } from './resting.ts';
import { type Finding, finding, type Status } from './finding.ts';

const text = (value: string) => ({ text: value });

/** A pillar of a road car may hide this much: UN Regulation No. 125, from memory. Degrees */
const PILLAR = 6;

/** What the cage does to the people in it: hits, padding, sight, getting in; and belts on a bar for show. */
export function cockpitFindings(plan: Plan, cockpit: CockpitAnswer): Finding[] {
  const assumed = assumedIn(plan);
  const people = new Map(plan.occupants.map(({ id }) => [id, assumed.ofRecord(id)] as const));
  const restsOf = ({ key, member }: Finding) => [
    // Findings about one person name them in their key; padding is of all.
    ...plan.occupants.flatMap(({ id }) =>
      key.startsWith('cockpit/pad/') || key.split('/').includes(id) ? (people.get(id) ?? []) : [],
    ),
    ...(member ? assumed.ofMember(member) : []),
  ];
  return [...beltFindings(plan), ...verdicts(plan, cockpit).map((found) => resting(found, restsOf(found)))];
}

/** What is judged of the people in the cage, as far as it stands against it. */
function verdicts(plan: Plan, cockpit: CockpitAnswer): Finding[] {
  return [
    ...cockpit.rooms.flatMap(roomFindings),
    ...cockpit.padding.flatMap((stretch) => paddingFindings(plan, stretch)),
    ...sightFindings(plan, cockpit),
    ...entryFindings(plan, cockpit),
    ...doorBarFindings(plan, cockpit),
  ];
}

/** A bar that holds nobody in a crash, and belts that are worn on it: the dangerous middle (handbook §8). */
function beltFindings({ brief, harness, occupants }: Plan): Finding[] {
  const show = brief.use === 'show' || brief.feetOn === 'floor-sheet';
  if (!show || !harness.worn || occupants.length === 0) return [];
  return [finding({ key: 'cockpit/belts', code: 'belts-on-show', status: 'out' })];
}

/** Somebody who touches a tube, or would touch its padding. */
function roomFindings(room: Room): Finding[] {
  const touches = decided(room.gap) < 0;
  const padding = decided(room.padded) < 0;
  if (!touches && !padding) return [];
  return [
    finding({
      key: `cockpit/room/${room.occupant}/${room.piece}`,
      code: touches ? 'body-in-tube' : 'no-room-to-pad',
      status: touches ? 'out' : 'look',
      member: room.member,
      measured: { mm: room.gap },
      limit: { mm: touches ? 0 : room.gap - room.padded },
      margin: { mm: touches ? room.gap : room.padded },
      facts: {
        who: text(room.who),
        part: text(room.part),
        stamp: text(room.stamp),
        notch: { said: room.notch },
      },
    }),
  ];
}

/** A stretch to pad; in a car that is driven on the road without a helmet it is a danger in itself (handbook §8). */
function paddingFindings(
  { brief }: Plan,
  { member, piece, stamp, from, to, parts, who }: Stretch,
): Finding[] {
  const head = parts.includes('helmet');
  const common = {
    member,
    measured: { mm: to - from },
    facts: {
      stamp: text(stamp),
      from: { mm: from },
      to: { mm: to },
      parts: text(parts.join(' and ')),
      who: text(who.join(', ')),
    },
  };
  const key = `cockpit/pad/${piece}/${Math.round(from)}`;
  return [
    finding({ ...common, key, code: 'pad-stretch', status: 'look' }),
    ...(head && brief.use === 'street-too'
      ? [finding({ ...common, key: `${key}/street`, code: 'street-head', status: 'out' })]
      : []),
  ];
}

/** What hides more of the view than a pillar of a road car may. */
const sightFindings = ({ brief }: Plan, { people }: CockpitAnswer): Finding[] =>
  people.flatMap(({ body, sight }) =>
    (sight?.level ?? [])
      .filter(({ arc: [from, to] }) => decided(to - from - PILLAR) > 0)
      .map(({ member, piece, stamp, side, arc }) =>
        finding({
          key: `cockpit/sight/${body.occupant}/${piece}/${side}`,
          code: 'sight-hidden',
          status: brief.use === 'street-too' ? 'out' : 'look',
          member,
          measured: { deg: arc[1] - arc[0] },
          limit: { deg: PILLAR },
          margin: { deg: PILLAR - (arc[1] - arc[0]) },
          facts: { who: text(body.who), stamp: text(stamp), side: text(side) },
        }),
      ),
  );

const entryFindings = ({ cockpit }: Plan, { entries }: CockpitAnswer): Finding[] =>
  entries
    .filter((entry) => isTooLow(entry, cockpit))
    .map(({ side, height, below, above }) =>
      finding({
        key: `cockpit/entry/${side}`,
        code: 'entry-low',
        status: 'look',
        measured: { mm: height },
        limit: { mm: cockpit.entry.mm },
        margin: { mm: height - cockpit.entry.mm },
        facts: { side: text(side), below: text(below), above: text(above) },
      }),
    );

/** How a door bar's room to the skin or the seat is judged: less than is wanted is looked at, beyond the tape's error into it is out. */
export function doorRoomStatus(room: number, wanted: number, tapeError: number): Status {
  if (decided(room - wanted) >= 0) return 'clear';
  return decided(room + tapeError) < 0 ? 'out' : 'look';
}

function doorBarFindings({ cockpit, measuringError }: Plan, { doorBars }: CockpitAnswer): Finding[] {
  const tight = (
    code: 'door-skin' | 'door-seat',
    bar: CockpitAnswer['doorBars'][number],
    room: number | null,
    wanted: number,
  ): Finding[] =>
    room === null || doorRoomStatus(room, wanted, measuringError.mm) === 'clear'
      ? []
      : [
          finding({
            key: `cockpit/${code}/${bar.piece}`,
            code,
            status: doorRoomStatus(room, wanted, measuringError.mm),
            member: bar.member,
            measured: { mm: room },
            limit: { mm: wanted },
            margin: { mm: room - wanted },
            facts: { stamp: text(bar.stamp), who: text(bar.seat) },
          }),
        ];
  return doorBars.flatMap((bar) => [
    ...tight('door-skin', bar, bar.toSkin, cockpit.doorRoom.mm),
    ...tight('door-seat', bar, bar.toSeat, cockpit.seatRoom.mm),
  ]);
}
