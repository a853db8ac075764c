import { isAssumed, type Length, millimetres } from '../measure/index.ts';
import {
  type Attachment,
  type CarSide,
  type Occupant,
  type Plan,
  STRAIGHT,
  type TubeChoice,
} from '../plan/index.ts';

/** The least change that would mend a finding, as data that can be applied. mm and degrees */
export type Remedy =
  /** Sizes of the catalogue stay as the book or the shop writes them. */
  | { kind: 'tube'; member: string; od: Length; wall: Length; tubeKind: TubeChoice['kind'] }
  | { kind: 'radius'; clr: number }
  | { kind: 'straighten'; member: string }
  | { kind: 'tilt'; member: string; deg: number }
  /** Along what the end stands on: along the tube, or up. */
  | { kind: 'slide-end'; member: string; end: 'a' | 'b'; by: number }
  /** Both ends of a bar across, up or down. */
  | { kind: 'bar-height'; member: string; by: number }
  /** A foot moved: forward, left, up. */
  | { kind: 'move-foot'; member: string; end: 'a' | 'b'; by: [number, number, number] }
  | {
      kind: 'plate';
      plate: string;
      scale: number;
      /** The least that the book states; null where it states none. */
      thickness: Length | null;
      bolts: { count: number; size: Length | null; grade: string | null } | null;
    }
  | { kind: 'gusset'; gusset: string; leg: number; thickness: Length | null }
  | { kind: 'splice'; part: string; sleeve: number; rosettes: number }
  /** Along the car, forward. */
  | { kind: 'lap-anchor'; occupant: string; side: CarSide; by: number }
  /** Belt guides along their bar toward end B, and how far apart. */
  /** The whole cage let down further to weld. */
  | { kind: 'weld-drop'; by: number }
  | { kind: 'guides'; part: string; by: number; apart: number };

/** mm as a length that was written by the program: to the hundredth, upward where a limit has to be kept. */
const length = (mm: number): Length => ({ ...millimetres(Number(mm.toFixed(2))), mm });

/** The plan with the remedy carried out; the same plan where it cannot be, as for a radius that needs another die. */
export function applyRemedy(plan: Plan, remedy: Remedy): Plan {
  switch (remedy.kind) {
    case 'radius':
      return plan;
    case 'tube':
      return withMember(plan, remedy.member, (member) => ({
        ...member,
        tube: {
          ...member.tube,
          od: remedy.od,
          wall: remedy.wall,
          kind: remedy.tubeKind,
        },
      }));
    case 'straighten':
      return withMember(plan, remedy.member, (member) =>
        member.role === 'main-hoop' ? member : { ...member, shape: STRAIGHT },
      );
    case 'tilt':
      return withMember(plan, remedy.member, (member) =>
        member.role === 'main-hoop'
          ? { ...member, tilt: { deg: remedy.deg, typed: remedy.deg.toFixed(1) } }
          : member,
      );
    case 'slide-end':
      return withEnd(plan, remedy, (at) => slid(at, remedy.by));
    case 'bar-height':
      return (['a', 'b'] as const).reduce(
        (mended, end) => withEnd(mended, { member: remedy.member, end }, (at) => slid(at, remedy.by)),
        plan,
      );
    case 'move-foot':
      return movedFoot(plan, remedy);
    case 'plate':
      return {
        ...plan,
        plates: plan.plates.map((plate) => (plate.id === remedy.plate ? mendedPlate(plate, remedy) : plate)),
      };
    case 'gusset':
      return {
        ...plan,
        gussets: plan.gussets.map((one) =>
          one.id === remedy.gusset
            ? {
                ...one,
                legs: [atLeast(one.legs[0], length(remedy.leg)), atLeast(one.legs[1], length(remedy.leg))],
                thickness: atLeast(one.thickness, remedy.thickness),
              }
            : one,
        ),
      };
    case 'lap-anchor':
      return {
        ...plan,
        occupants: plan.occupants.map((person) =>
          person.id === remedy.occupant ? withAnchor(person, remedy) : person,
        ),
      };
    case 'weld-drop':
      return {
        ...plan,
        weldPosition: { ...plan.weldPosition, drop: length(plan.weldPosition.drop.mm + remedy.by + 1) },
      };
    case 'guides':
      return {
        ...plan,
        parts: plan.parts.map((part) =>
          part.kind === 'belt-guide' && part.id === remedy.part
            ? {
                ...part,
                apart: length(remedy.apart),
                station: { ...part.station, along: length(part.station.along.mm + remedy.by) },
              }
            : part,
        ),
      };
    case 'splice':
      return {
        ...plan,
        parts: plan.parts.map((part) =>
          part.kind === 'splice' && part.id === remedy.part
            ? {
                ...part,
                sleeve: atLeast(part.sleeve, length(remedy.sleeve)),
                rosettes: Math.max(part.rosettes, remedy.rosettes),
              }
            : part,
        ),
      };
  }
}

function withAnchor(person: Occupant, { side, by }: Extract<Remedy, { kind: 'lap-anchor' }>): Occupant {
  const at = person.lap[side];
  if (!at) return person;
  return { ...person, lap: { ...person.lap, [side]: [moved(at[0], by), at[1], at[2]] } };
}

/** A figure of the car that the program moves is known no better than before. */
const moved = (given: Length, by: number): Length => ({
  ...length(given.mm + by),
  ...(isAssumed(given) ? { known: given.known } : {}),
});

const atLeast = (given: Length, least: Length | null): Length =>
  least === null || given.mm >= least.mm ? given : least;

type Member = Plan['members'][number];

const withMember = (plan: Plan, id: string, change: (member: Member) => Member): Plan => ({
  ...plan,
  members: plan.members.map((member) => (member.id === id ? change(member) : member)),
});

function withEnd(
  plan: Plan,
  { member: id, end }: { member: string; end: 'a' | 'b' },
  change: (at: Attachment) => Attachment,
): Plan {
  return withMember(plan, id, (member) =>
    member.role === 'main-hoop'
      ? member
      : { ...member, ends: { ...member.ends, [end]: change(member.ends[end]) } },
  );
}

/** Up or down for a height, along its tube for a station; other ends do not slide. */
function slid(at: Attachment, by: number): Attachment {
  if (at.kind === 'height') return { ...at, height: length(at.height.mm + by) };
  if (at.kind === 'station')
    return { ...at, station: { ...at.station, along: length(at.station.along.mm + by) } };
  return at;
}

/** A foot at a point is moved itself; one on a plate with a place of its own takes the plate along. */
function movedFoot(plan: Plan, remedy: Extract<Remedy, { kind: 'move-foot' }>): Plan {
  type Place = [Length, Length, Length];
  const there = (at: Place): Place => [
    moved(at[0], remedy.by[0]),
    moved(at[1], remedy.by[1]),
    moved(at[2], remedy.by[2]),
  ];
  const member = plan.members.find(({ id }) => id === remedy.member);
  const at = member?.ends[remedy.end];
  if (at?.kind === 'plate')
    return {
      ...plan,
      plates: plan.plates.map((plate) =>
        plate.id === at.plate && plate.at ? { ...plate, at: there(plate.at) } : plate,
      ),
    };
  return withEnd(plan, remedy, (end) =>
    end.kind === 'point' || end.kind === 'panel' ? { ...end, at: there(end.at) } : end,
  );
}

function mendedPlate(
  plate: Plan['plates'][number],
  { scale, thickness, bolts }: Extract<Remedy, { kind: 'plate' }>,
): Plan['plates'][number] {
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
