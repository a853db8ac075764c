import { directionNearest, sweptTube } from '../cope/index.ts';
import {
  aimedHeight,
  type Alternative,
  alternativesFor,
  angleAt,
  type BarLine,
  brokenAt,
  type HeightInterval,
  heightInterval,
  legRoom,
  longestSpan,
  type OffsetRange,
  offsetRange,
  type SlotPlace,
  slotPlaces,
  type Span,
  type StrapAttach,
  type StrapRun,
  strapRuns,
  type StrapWindow,
} from '../harness/index.ts';
import { type Joint, type PartAnswer, type Tube } from '../cage/index.ts';
import { placeAcross } from '../centreline/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type RuleBook } from './ruleBook.ts';
import { strapWindows } from './strapWindows.ts';

/** A strap as it stands now. mm and degrees */
export interface StrapNow {
  driver: string;
  place: SlotPlace;
  /** null where the bar does not lie behind the slot. */
  angle: number | null;
  /** From slot to bar. */
  length: number;
}

/** A harness bar with the heights that suit everybody who is belted to it. mm and degrees */
export interface HarnessAnswer {
  member: string;
  stamp: string;
  bar: BarLine;
  attach: StrapAttach;
  windows: StrapWindow[];
  /** Slots of all drivers at all notches, seen from the bar's place behind the first of them. */
  places: SlotPlace[];
  now: StrapNow[];
  /** Places whose strap leaves a window where the bar is now. */
  broken: { broken: SlotPlace[]; share: number };
  /** null without a measured shoulder or a window. */
  interval: HeightInterval | null;
  /** The height to build; null where none suits all. */
  aim: number | null;
  /** What else helps where no height suits all, with the tube that it takes. */
  alternatives: (Alternative & { tube: number; mass: number })[];
  /** How far behind its place the bar may go at the height that it has; null where nowhere. */
  behind: OffsetRange | null;
  /** Both straps of everybody as measured, in space. */
  runs: (StrapRun & { driver: string })[];
  /** Between the outermost strap and what the bar ends on; null without a strap. */
  legRoom: number | null;
  /** The least distance between a slot, which is in the seat's back, and the bar's surface, over all settings. */
  seatBackRoom: number | null;
  span: Span;
  /** Whether the span asks for a strut, or two seats do. */
  wantsStrut: boolean;
  /** Two seats on one bar: it takes both loads. */
  seats: number;
}

/** Every harness bar of the cage. Windows come from the chosen books, from 0 to 45 degrees where none has one. */
export function harnessAnswers(
  plan: Plan,
  tubes: Tube[],
  joints: Joint[],
  parts: PartAnswer[],
  books: RuleBook[],
): HarnessAnswer[] {
  const windows = strapWindows(plan, books, 'harness-window');
  return plan.members.flatMap((member): HarnessAnswer[] => {
    const own = tubes.filter((tube) => tube.member === member.id);
    const [one] = own;
    if (member.role !== 'harness-bar' || !one) return [];
    const seated = plan.occupants.filter(({ shoulder }) => shoulder !== null);
    return [
      answerFor(
        { plan, joints, tubes, parts, windows },
        member.id,
        member.stamp,
        [one, ...own.slice(1)],
        seated,
      ),
    ];
  });
}

interface Setting {
  plan: Plan;
  joints: Joint[];
  tubes: Tube[];
  parts: PartAnswer[];
  windows: StrapWindow[];
}

function answerFor(
  { plan, joints, tubes, parts, windows }: Setting,
  member: string,
  stamp: string,
  own: [Tube, ...Tube[]],
  seated: Plan['occupants'],
): HarnessAnswer {
  const { attach, aim } = plan.harness;
  const behind = seated.map((person) => {
    const y = person.shoulder?.[1].mm ?? 0;
    const spots = own.map((tube) => ({ tube, at: placeAcross(tube.axis, y) }));
    return spots.reduce((best, one) => (Math.abs(one.at[1] - y) < Math.abs(best.at[1] - y) ? one : best));
  });
  const [first] = behind;
  const tube = first?.tube ?? own[0];
  const [x, , z] = first?.at ?? placeAcross(tube.axis, 0);
  const bar: BarLine = { x, z, lean: leanOf(tube, joints, tubes), od: tube.od };
  // An offset bar lies further back behind one driver than behind another: their slots are moved instead.
  const places = seated.flatMap((person, i) => {
    const at = behind[i]?.at ?? [x, 0, z];
    return slotPlaces(person).map((place) => ({
      ...place,
      slot: [place.slot[0] - (at[0] - x), place.slot[1] - (at[2] - z)] as const,
    }));
  });
  const measured = seated.flatMap((person, i): SlotPlace[] => {
    const at = behind[i]?.at ?? [x, 0, z];
    const slot = person.slots[0]?.mm ?? 0;
    return [
      {
        driver: person.name,
        notch: '',
        slot: [
          (person.shoulder?.[0].mm ?? 0) - (at[0] - x),
          (person.shoulder?.[2].mm ?? 0) + slot - (at[2] - z),
        ],
      },
    ];
  });
  const interval = places.length > 0 ? heightInterval(places, windows, bar, attach) : null;
  const [driver] = measured;
  const guides = guidesOn(plan, parts, member);
  const runs = seated.flatMap((person, i) =>
    strapRuns(person, behind[i]?.tube ?? tube, guides).map((run) => ({ ...run, driver: person.name })),
  );
  const span = longestSpan(tube, joints);
  const seats = new Set(seated.map(({ seat }) => seat)).size;
  return {
    member,
    stamp,
    bar,
    attach,
    windows,
    places,
    now: measured.map((place) => ({
      driver: place.driver,
      place,
      angle: angleAt(place.slot, bar, bar.z, attach),
      length: Math.hypot(place.slot[0] - bar.x, place.slot[1] - bar.z),
    })),
    broken: brokenAt(places, windows, bar, bar.z, attach),
    interval,
    aim:
      interval && driver
        ? aimedHeight(
            interval,
            aim ? { kind: 'angle', angle: aim.deg } : { kind: 'middle' },
            driver,
            bar,
            attach,
          )
        : null,
    alternatives:
      interval && interval.room < 0
        ? alternativesFor({ places, windows, bar, attach }, measured).map((way) => withCost(way, tube))
        : [],
    behind: offsetRange({ places, windows, bar, attach }),
    runs,
    legRoom: runs.length > 0 ? legRoom(runs, tube, headerOd(tube, joints, tubes)) : null,
    seatBackRoom: places.length > 0 ? roomBehindSeat(places, bar) : null,
    span,
    wantsStrut: span.length > plan.harness.longestSpan.mm || seats > 1,
    seats,
  };
}

/** How much what the bar hangs on moves forward for each mm up: the hoop's tilt. */
function leanOf(tube: Tube, joints: Joint[], tubes: Tube[]): number {
  const joint = joints.find(({ piece }) => piece === tube.piece);
  const header = tubes.find(({ piece }) => piece === joint?.header);
  if (!joint || !header) return 0;
  const along = directionNearest(sweptTube(header.axis, header.od), joint.at);
  return Math.abs(along[2]) < 0.2 ? 0 : along[0] / along[2];
}

/** Belt guides on a bar: their places on its axis. */
export function guidesOn(plan: Plan, parts: PartAnswer[], member: string): Vec3[] {
  const own = new Set(
    plan.parts.flatMap((part) => (part.kind === 'belt-guide' && part.on.member === member ? [part.id] : [])),
  );
  return parts.flatMap(({ part, answer }) => (own.has(part) && answer.ok ? answer.value.points : []));
}

/** From the slot that comes nearest to the bar's surface. */
const roomBehindSeat = (places: SlotPlace[], bar: BarLine): number =>
  Math.min(...places.map(({ slot }) => slot[0] - bar.x - bar.lean * (slot[1] - bar.z))) - bar.od / 2;

const headerOd = (tube: Tube, joints: Joint[], tubes: Tube[]): number => {
  const header = joints.find(({ piece }) => piece === tube.piece)?.header;
  return tubes.find(({ piece }) => piece === header)?.od ?? 0;
};

/** What a way out takes in tube: an offset of 45° at each end, or another bar. mm and kg */
function withCost(way: Alternative, { developed, mass }: Tube): Alternative & { tube: number; mass: number } {
  const extra = {
    'seat-stop': 0,
    'fixed-seat': 0,
    'offset-bar': way.kind === 'offset-bar' ? 2 * way.offset * (Math.SQRT2 - 1) : 0,
    'bar-each': way.kind === 'bar-each' ? (way.heights.length - 1) * developed : 0,
  }[way.kind];
  return { ...way, tube: extra, mass: (mass / developed) * extra };
}
