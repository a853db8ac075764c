import { itemAt } from '../../items/index.ts';
import { type End } from '../../cage/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { CLOSED, type SeamPlace } from '../order/index.ts';
import { type SeamRoom } from '../room/seamParts.ts';

/** Where a joint is tacked. */
export interface TackMark {
  end: End;
  at: Vec3;
  /** Round the tube from its face line. Degrees */
  round: number;
  /** Whether a cutter reaches it again when everything stands. */
  again: boolean;
}

/** So few hold a joint, and are soon cut again; common practice. */
const TACKS = 3;

/**
 * A few tacks of a joint, spread round it, each where torch and cutter get to it again once all tubes stand. places: those of the seam,
 * as the order of building has them.
 */
export function tacksOf({ places, end }: SeamRoom, own: readonly SeamPlace[]): TackMark[] {
  const isOpen = (i: number): boolean => {
    const place = own[i];
    return (
      place !== undefined &&
      place.tubes.reduce((bits, { closed }) => bits | closed, place.roof.car) !== CLOSED
    );
  };
  const open = [...places.keys()].filter(isOpen);
  const from = open.length >= TACKS ? open : [...places.keys()];
  return Array.from({ length: Math.min(TACKS, from.length) }, (_, k) => {
    const i = itemAt(from, Math.floor((k * from.length) / TACKS));
    const { at, round } = itemAt(places, i);
    return { end: end.cut.end, at, round, again: open.includes(i) };
  });
}
