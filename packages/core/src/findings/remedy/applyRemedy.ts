import { isAssumed, type Length, millimetres } from '../../measure/index.ts';
import {
  type Attachment,
  type Bar,
  type Occupant,
  type Part,
  type PartOf,
  type Plan,
  type Plate,
  STRAIGHT,
} from '../../plan/index.ts';
import { type RemedyKind, type RemedyOf } from './remedy.ts';

type Mends = { [K in RemedyKind]: (plan: Plan, remedy: RemedyOf<K>) => Plan };

/** How each kind of remedy is carried out. */
const MENDS: Mends = {
  // Another radius needs another die, which the shop has or has not.
  radius: (plan) => plan,
  tube: otherTube,
  straighten: (plan, { member }) => withBar(plan, member, (bar) => ({ ...bar, shape: STRAIGHT })),
  tilt: tilted,
  'slide-end': slidEnd,
  'bar-height': (plan, { member, by }) =>
    (['a', 'b'] as const).reduce(
      (mended, end) => slidEnd(mended, { kind: 'slide-end', member, end, by }),
      plan,
    ),
  'move-foot': movedFoot,
  plate: (plan, remedy) => ({
    ...plan,
    plates: changed(plan.plates, remedy.plate, (plate) => mendedPlate(plate, remedy)),
  }),
  gusset: grownGusset,
  splice: longerSplice,
  'lap-anchor': (plan, remedy) => ({
    ...plan,
    occupants: changed(plan.occupants, remedy.occupant, (person) => withAnchor(person, remedy)),
  }),
  'weld-drop': ({ weldPosition, ...plan }, { by }) => ({
    ...plan,
    weldPosition: { ...weldPosition, drop: length(weldPosition.drop.mm + by + 1) },
  }),
  guides: movedGuides,
};

/** The plan with the remedy carried out; the same plan where it cannot be, as for a radius that needs another die. */
export function applyRemedy<K extends RemedyKind>(plan: Plan, remedy: RemedyOf<K>): Plan {
  return MENDS[remedy.kind](plan, remedy);
}

/** mm as a length that was written by the program: to the hundredth, upward where a limit has to be kept. */
const length = (mm: number): Length => ({ ...millimetres(Number(mm.toFixed(2))), mm });

/** A list with the one of an id changed. */
const changed = <T extends { id: string }>(list: readonly T[], id: string, change: (one: T) => T): T[] =>
  list.map((one) => (one.id === id ? change(one) : one));

const withBar = (plan: Plan, id: string, change: (bar: Bar) => Bar): Plan => ({
  ...plan,
  members: changed(plan.members, id, (member) => (member.role === 'main-hoop' ? member : change(member))),
});

const withEnd = (
  plan: Plan,
  { member, end }: { member: string; end: 'a' | 'b' },
  change: (end: Attachment) => Attachment,
): Plan => withBar(plan, member, (bar) => ({ ...bar, ends: { ...bar.ends, [end]: change(bar.ends[end]) } }));

const withPart = <K extends Part['kind']>(
  plan: Plan,
  id: string,
  kind: K,
  change: (part: PartOf<K>) => Part,
): Plan => ({
  ...plan,
  parts: changed(plan.parts, id, (part) => (part.kind === kind ? change(part as PartOf<K>) : part)),
});

function otherTube(plan: Plan, { member, od, wall, tubeKind }: RemedyOf<'tube'>): Plan {
  return {
    ...plan,
    members: changed(plan.members, member, (one) => ({
      ...one,
      tube: { ...one.tube, od, wall, kind: tubeKind },
    })),
  };
}

function tilted(plan: Plan, { member, deg }: RemedyOf<'tilt'>): Plan {
  return {
    ...plan,
    members: changed(plan.members, member, (one) =>
      one.role === 'main-hoop' ? { ...one, tilt: { deg, typed: deg.toFixed(1) } } : one,
    ),
  };
}

/** Up or down for a height, along its tube for a station; other ends do not slide. */
function slidEnd(plan: Plan, remedy: RemedyOf<'slide-end'>): Plan {
  const { by } = remedy;
  return withEnd(plan, remedy, (end) => {
    if (end.kind === 'height') return { ...end, height: length(end.height.mm + by) };
    if (end.kind === 'station')
      return { ...end, station: { ...end.station, along: length(end.station.along.mm + by) } };
    return end;
  });
}

/** A foot at a point is moved itself; one on a plate with a place of its own takes the plate along. */
function movedFoot(plan: Plan, remedy: RemedyOf<'move-foot'>): Plan {
  type Place = [Length, Length, Length];
  const there = (place: Place): Place => [
    moved(place[0], remedy.by[0]),
    moved(place[1], remedy.by[1]),
    moved(place[2], remedy.by[2]),
  ];
  const end = plan.members.find(({ id }) => id === remedy.member)?.ends[remedy.end];
  if (end?.kind === 'plate')
    return {
      ...plan,
      plates: changed(plan.plates, end.plate, (plate) =>
        plate.at ? { ...plate, at: there(plate.at) } : plate,
      ),
    };
  return withEnd(plan, remedy, (one) =>
    one.kind === 'point' || one.kind === 'panel' ? { ...one, at: there(one.at) } : one,
  );
}

function mendedPlate(plate: Plate, { scale, thickness, bolts }: RemedyOf<'plate'>): Plate {
  const { outline } = plate;
  const grown = (given: Length): Length => length(given.mm * scale);
  return {
    ...plate,
    thickness: atLeast(plate.thickness, thickness),
    outline:
      outline.kind === 'polygon'
        ? { ...outline, corners: outline.corners.map(([x, y]): [Length, Length] => [grown(x), grown(y)]) }
        : { ...outline, length: grown(outline.length), width: grown(outline.width) },
    bolts: bolts
      ? {
          grade: bolts.grade ?? plate.bolts?.grade ?? '8.8',
          backing: plate.bolts?.backing ?? null,
          count: Math.max(plate.bolts?.count ?? 0, bolts.count),
          size: atLeast(plate.bolts?.size ?? length(0), bolts.size),
        }
      : plate.bolts,
  };
}

function grownGusset(plan: Plan, { gusset, leg, thickness }: RemedyOf<'gusset'>): Plan {
  return {
    ...plan,
    gussets: changed(plan.gussets, gusset, (one) => ({
      ...one,
      legs: [atLeast(one.legs[0], length(leg)), atLeast(one.legs[1], length(leg))],
      thickness: atLeast(one.thickness, thickness),
    })),
  };
}

function longerSplice(plan: Plan, { part, sleeve, rosettes }: RemedyOf<'splice'>): Plan {
  return withPart(plan, part, 'splice', (splice) => ({
    ...splice,
    sleeve: atLeast(splice.sleeve, length(sleeve)),
    rosettes: Math.max(splice.rosettes, rosettes),
  }));
}

function withAnchor(person: Occupant, { side, by }: RemedyOf<'lap-anchor'>): Occupant {
  const anchor = person.lap[side];
  if (!anchor) return person;
  return { ...person, lap: { ...person.lap, [side]: [moved(anchor[0], by), anchor[1], anchor[2]] } };
}

function movedGuides(plan: Plan, { part, by, apart }: RemedyOf<'guides'>): Plan {
  return withPart(plan, part, 'belt-guide', (guide) => ({
    ...guide,
    apart: length(apart),
    station: { ...guide.station, along: length(guide.station.along.mm + by) },
  }));
}

/** A figure of the car that the program moves is known no better than before. */
const moved = (given: Length, by: number): Length => ({
  ...length(given.mm + by),
  ...(isAssumed(given) ? { known: given.known } : {}),
});

const atLeast = (given: Length, least: Length | null): Length =>
  least === null || given.mm >= least.mm ? given : least;
