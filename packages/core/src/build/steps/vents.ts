import { itemAt } from '../../items/index.ts';
import { type CutEnd, type End, type Tube } from '../../cage/index.ts';
import { type Plan } from '../../plan/index.ts';
import { openEnds } from '../room/feet.ts';

/** What is seen to inside a tube before it is closed. */
export interface Vent {
  piece: string;
  stamp: string;
  /** Both its ends are welded shut: a small hole, before the last of them is. */
  hole: boolean;
  /** Ends that sit on nothing: they are capped, or left open. */
  bare: End[];
}

/** Tubes that want a vent hole, and those with a bare end. A tube that is neither is left out. */
export function ventsOf(plan: Plan, tubes: Tube[], ends: CutEnd[][]): Vent[] {
  return tubes.flatMap(({ piece, stamp }, i) => {
    const bare = openEnds(
      plan,
      itemAt(ends, i).map(({ cut }) => cut),
    );
    return [{ piece, stamp, hole: bare.length === 0, bare }];
  });
}
