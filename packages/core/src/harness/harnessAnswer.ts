import { type Assumed, assumedIn } from '../known/index.ts';
import { type Joint, type PartAnswer, type Tube } from '../cage/index.ts';
import { resting } from '../findings/index.ts';
import { type SlotPlace } from '../occupant/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type Alternative, alternativesFor, type OffsetRange, offsetRange } from './alternatives.ts';
import {
  aimedHeight,
  angleAt,
  type BarLine,
  brokenAt,
  type HeightAim,
  type HeightInterval,
  heightInterval,
  type StrapWindow,
} from './interval.ts';
import { longestSpan, type Span } from './span.ts';
import { legRoom, type StrapRun, strapRuns, type WorstSpread, worstSpread } from './spread.ts';
import { type StrapAttach } from './strap.ts';
import {
  type BarStraps,
  keptWindows,
  OF_STRAPS,
  strapsTo,
  type StrapVerdict,
  strapVerdict,
} from './straps.ts';

/** A strap as it stands now. mm and degrees */
export interface StrapNow {
  driver: string;
  place: SlotPlace;
  /** null where the bar does not lie behind the slot. */
  angle: number | null;
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
  /** Each seat in each window, at its worst slot and setting. */
  verdicts: (StrapVerdict & { occupant: string; book: string })[];
  /** Over every slot and setting, to the bar's axis; null without a shoulder. */
  shortest: { length: number; place: SlotPlace } | null;
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
  /** The strap of each seat that runs farthest off straight back, over every slot and setting. */
  spreads: (WorstSpread & { occupant: string; driver: string })[];
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

/** Every harness bar of the cage, against the windows of shoulder straps. windows: one at least */
export function harnessAnswers(
  plan: Plan,
  tubes: Tube[],
  joints: Joint[],
  parts: PartAnswer[],
  windows: StrapWindow[],
): HarnessAnswer[] {
  const assumed = assumedIn(plan);
  return plan.members.flatMap((member): HarnessAnswer[] => {
    const own = tubes.filter((tube) => tube.member === member.id);
    const [one] = own;
    if (member.role !== 'harness-bar' || !one) return [];
    return [
      answerFor({ plan, joints, tubes, parts, windows, assumed }, member.id, member.stamp, [
        one,
        ...own.slice(1),
      ]),
    ];
  });
}

interface Setting {
  plan: Plan;
  joints: Joint[];
  tubes: Tube[];
  parts: PartAnswer[];
  windows: StrapWindow[];
  assumed: Assumed;
}

function answerFor(setting: Setting, member: string, stamp: string, own: [Tube, ...Tube[]]): HarnessAnswer {
  const { plan, joints, tubes, parts, windows } = setting;
  const { attach } = plan.harness;
  const straps = strapsTo(plan, own, joints, tubes);
  const { bar, seats } = straps;
  const tube = seats[0]?.tube ?? own[0];
  const places = seats.flatMap((seat) => seat.places);
  const guides = guidesOn(plan, parts, member);
  const runs = seats.flatMap(({ person, tube: behind }) =>
    strapRuns(person, behind, guides).map((run) => ({ ...run, driver: person.name })),
  );
  const span = longestSpan(own, joints);
  const count = new Set(seats.map(({ person }) => person.seat)).size;
  return {
    member,
    stamp,
    bar,
    attach,
    windows,
    places,
    now: seats.map(({ measured }) => ({
      driver: measured.driver,
      place: measured,
      angle: angleAt(measured.slot, bar, bar.z, attach),
    })),
    verdicts: verdictsOf(setting, straps, member),
    shortest: places.length > 0 ? shortestOf(places, bar) : null,
    broken: brokenAt(places, windows, bar, bar.z, attach),
    ...heightsFor(setting, straps, tube),
    behind: offsetRange({ places, windows, bar, attach }),
    runs,
    spreads: seats.map(({ person, tube: behind }) => ({
      ...worstSpread(person, behind, guides),
      occupant: person.id,
      driver: person.name,
    })),
    legRoom: runs.length > 0 ? legRoom(runs, own, headerOd(tube, joints, tubes)) : null,
    seatBackRoom: places.length > 0 ? roomBehindSeat(places, bar) : null,
    span,
    wantsStrut: span.length > plan.harness.longestSpan.mm || count > 1,
    seats: count,
  };
}

/** Each seat in each window, as it is judged at its worst. */
const verdictsOf = (
  { plan, windows, assumed }: Setting,
  { bar, seats }: BarStraps,
  member: string,
): HarnessAnswer['verdicts'] =>
  seats.flatMap((seat) =>
    windows.map((window) => ({
      ...resting(strapVerdict(seat, window, bar, plan.harness.attach, plan.measuringError.deg), [
        ...assumed.ofRecord(seat.person.id, OF_STRAPS),
        ...assumed.ofMember(member),
      ]),
      occupant: seat.person.id,
      book: window.book,
    })),
  );

/** The heights that suit all, the one to build, and what else helps where none does. tube: the part of the bar that it would take. */
function heightsFor(
  { plan, windows }: Setting,
  { bar, seats }: BarStraps,
  tube: Tube,
): Pick<HarnessAnswer, 'interval' | 'aim' | 'alternatives'> {
  const { attach, aim } = plan.harness;
  const places = seats.flatMap((seat) => seat.places);
  const measured = seats.map((seat) => seat.measured);
  const [driver] = measured;
  const interval = places.length > 0 ? heightInterval(places, windows, bar, attach) : null;
  if (!interval) return { interval, aim: null, alternatives: [] };
  // On a limit itself a strap is within the protractor's error of being out.
  const kept = keptWindows(windows, plan.measuringError.deg);
  const within = insideOf(heightInterval(places, kept, bar, attach), interval);
  const wanted: HeightAim = aim ? { kind: 'angle', angle: aim.deg } : { kind: 'middle' };
  return {
    interval,
    aim: driver ? aimedHeight(within, wanted, driver, bar, attach) : null,
    alternatives:
      interval.room < 0
        ? alternativesFor({ places, windows: kept, bar, attach }, measured).map((way) => withCost(way, tube))
        : [],
  };
}

/** The interval that keeps the protractor's error to spare; the middle of the whole one where that leaves nothing. */
function insideOf(kept: HeightInterval | null, whole: HeightInterval): HeightInterval {
  if (kept && kept.room >= 0) return kept;
  const height = (whole.low.height + whole.high.height) / 2;
  return { low: { ...whole.low, height }, high: { ...whole.high, height }, room: whole.room };
}

/** The shortest strap over every slot and setting, from the slot to the bar's axis. mm */
function shortestOf(places: SlotPlace[], bar: BarLine): { length: number; place: SlotPlace } {
  const lengths = places.map((place) => ({
    place,
    length: Math.hypot(place.slot[0] - bar.x, place.slot[1] - bar.z),
  }));
  return lengths.reduce((least, one) => (one.length < least.length ? one : least));
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
