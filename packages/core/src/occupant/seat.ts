import { kept } from '../kept/index.ts';
import { type Said } from '../fault/index.ts';
import { radians } from '../measure/index.ts';
import { type Occupant } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';

/** One place of a strap's slot in side view: who sits, at which notch, which slot. mm, x forward, z up. */
export interface SlotPlace {
  driver: string;
  /** Who sits, by the id; and the setting of the seat. */
  occupant: string;
  pose: SeatPose;
  /** `slide +40, recline 20°, lower slot`: what was moved from where it was measured. */
  notch: Said;
  slot: readonly [x: number, z: number];
  /** How far back the bar lies behind this seat compared with its line, and how much higher: the slot is seen moved by as much. */
  moved: readonly [x: number, z: number];
}

type Travel = NonNullable<Occupant['travel']>;

/** Steps from one end of a range to the other, both in it. */
function stepsOf(from: number, to: number, notches: number): number[] {
  if (from === to || notches < 2) return [from, ...(to === from ? [] : [to])];
  return Array.from({ length: notches }, (_, i) => from + ((to - from) * i) / (notches - 1));
}

/** A setting of the seat: how far slid forward, raised and reclined from where its driver was measured. mm, degrees */
export interface SeatPose {
  /** `slide +40 mm, recline +4°`; empty as measured. */
  notch: Said;
  forward: number;
  up: number;
  recline: number;
}

/** The seat where its driver was measured. */
export const AS_MEASURED: SeatPose = { notch: [], forward: 0, up: 0, recline: 0 };

const poseOf = (forward: number, up: number, recline: number): SeatPose => ({
  notch: joined([
    forward === 0 ? [] : ['slide ', { mm: forward, signed: true }],
    up === 0 ? [] : ['height ', { mm: up, signed: true }],
    recline === 0 ? [] : [`recline ${recline > 0 ? '+' : '−'}${Math.abs(Math.round(recline))}°`],
  ]),
  forward,
  up,
  recline,
});

/** Sentences in a row with commas between those that say something. */
const joined = (parts: Said[]): Said =>
  parts.filter((part) => part.length > 0).flatMap((part, i) => (i === 0 ? [...part] : [', ', ...part]));

/** Every setting of a seat, or with `ends` only those at the ends of its slide, height and recline. A fixed seat has one. */
export const seatPoses = (travel: Occupant['travel'], which: 'all' | 'ends'): SeatPose[] =>
  travel ? (which === 'all' ? allPoses : endPoses)(travel) : [AS_MEASURED];

const allPoses = kept((travel: Travel) => posesOf(travel, 'all'));
const endPoses = kept((travel: Travel) => posesOf(travel, 'ends'));

function posesOf(travel: Travel, which: 'all' | 'ends'): SeatPose[] {
  const steps = (from: number, to: number, notches: number) =>
    stepsOf(from, to, which === 'ends' ? 2 : notches);
  return steps(-travel.back.mm, travel.forward.mm, travel.slideNotches).flatMap((forward) =>
    steps(-travel.down.mm, travel.up.mm, travel.heightNotches).flatMap((up) =>
      steps(-travel.upright.deg, travel.reclined.deg, travel.reclineNotches).map((recline) =>
        poseOf(forward, up, recline),
      ),
    ),
  );
}

/** A place that the seat carries along. Car's frame, mm. */
export const carried = ({ forward, up }: SeatPose, [x, y, z]: Vec3): Vec3 => [x + forward, y, z + up];

/** A place on the seat's back, which turns about its foot: its length straight below the shoulder. Car's frame, mm. */
export function carriedByBack(
  pose: SeatPose,
  { shoulder, travel }: Pick<Occupant, 'shoulder' | 'travel'>,
  [x, y, z]: Vec3,
): Vec3 {
  const turn = radians(pose.recline);
  const foot = {
    x: shoulder?.[0].mm ?? x,
    z: (shoulder?.[2].mm ?? z) - (travel?.backLength.mm ?? 0),
  };
  const [ahead, above] = [x - foot.x, z - foot.z];
  return carried(pose, [
    foot.x + ahead * Math.cos(turn) - above * Math.sin(turn),
    y,
    foot.z + ahead * Math.sin(turn) + above * Math.cos(turn),
  ]);
}

/**
 * Every place that an occupant's strap slots can take: over the seat's slide, its height and its recline, for each slot of the
 * seat or the head-restraint device. Empty for one whose shoulder is not measured. mm
 */
export const slotPlaces = kept((occupant: Occupant): SlotPlace[] => {
  const { name, shoulder, travel, slots } = occupant;
  if (!shoulder) return [];
  const [x, y, z] = [shoulder[0].mm, shoulder[1].mm, shoulder[2].mm];
  return seatPoses(travel, 'all').flatMap((pose) =>
    slots.map((slot, i): SlotPlace => {
      const at = carriedByBack(pose, occupant, [x, y, z + slot.mm]);
      return {
        driver: name,
        occupant: occupant.id,
        pose,
        notch: joined([pose.notch, slots.length > 1 ? [`slot ${i + 1}`] : []]),
        slot: [at[0], at[2]],
        moved: [0, 0],
      };
    }),
  );
});
