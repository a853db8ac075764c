import { directionNearest, sweptTube } from '../cope/index.ts';
import {
  aimedHeight,
  angleAt,
  type BarLine,
  brokenAt,
  type HeightInterval,
  heightInterval,
  offsetThatHelps,
  type SlotPlace,
  slotPlaces,
  type StrapAttach,
  type StrapWindow,
} from '../harness/index.ts';
import { type Joint, type Tube } from '../cage/index.ts';
import { type Plan } from '../plan/index.ts';
import { placeAcross } from './checks/axisPlaces.ts';
import { chosenBook } from './checkBooks.ts';
import { type RuleBook } from './ruleBook.ts';

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
  /** How far an offset to the rear would have to be where no height suits all; null where it does not help. */
  offset: number | null;
  /** Two seats on one bar: it takes both loads. */
  seats: number;
}

/** Every harness bar of the cage. Windows come from the chosen books, from 0 to 45 degrees where none has one. */
export function harnessAnswers(
  plan: Plan,
  tubes: Tube[],
  joints: Joint[],
  books: RuleBook[],
): HarnessAnswer[] {
  const windows = windowsOf(plan, books);
  return plan.members.flatMap((member): HarnessAnswer[] => {
    const own = tubes.filter((tube) => tube.member === member.id);
    const [one] = own;
    if (member.role !== 'harness-bar' || !one) return [];
    const seated = plan.occupants.filter(({ shoulder }) => shoulder !== null);
    return [
      answerFor({ plan, joints, tubes, windows }, member.id, member.stamp, [one, ...own.slice(1)], seated),
    ];
  });
}

/** What is taken where no chosen book has a window. Degrees, from memory: handbook §8 */
const WIDEST: StrapWindow = { book: 'common practice', least: 0, most: 45 };

function windowsOf(plan: Plan, books: RuleBook[]): StrapWindow[] {
  const found = plan.brief.books.flatMap((chosen): StrapWindow[] => {
    const book = chosenBook(books, chosen);
    return (book?.rules ?? []).flatMap(({ check }): StrapWindow[] =>
      check.kind === 'harness-window'
        ? [{ book: book?.title ?? '', least: check.least.deg, most: check.most.deg }]
        : [],
    );
  });
  return found.length > 0 ? found : [WIDEST];
}

interface Setting {
  plan: Plan;
  joints: Joint[];
  tubes: Tube[];
  windows: StrapWindow[];
}

function answerFor(
  { plan, joints, tubes, windows }: Setting,
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
    offset: interval && interval.room < 0 ? offsetThatHelps(places, windows, bar, attach) : null,
    seats: new Set(seated.map(({ seat }) => seat)).size,
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
