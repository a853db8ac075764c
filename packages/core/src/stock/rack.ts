import { type Length } from '../measure/index.ts';
import { type TubeKind } from '../tube/index.ts';

/** The bends of a piece on the rack, A → B, as they are. mm, degrees */
export interface RackBends {
  bends: { length: number; rotation: number; angle: number; clr: number }[];
  tail: number;
}

/** A piece of tube that lies on the rack: a whole stick, what was left of one, or a bent piece that was spoiled. mm */
export interface RackTube {
  id: string;
  od: Length;
  wall: Length;
  kind: TubeKind;
  batch: string;
  length: Length;
  /** Where it lies. */
  place: string;
  /** A stick as it was bought; an offcut is none. */
  whole: boolean;
  /** What it cost, in whatever money the shop counts in. */
  price: number | null;
  /** null of a straight piece. */
  bends: RackBends | null;
}
