import { type Angle, type Length, recordOf } from '@gyrus/core';
import { useKept } from '../../../shared/server/useKept.ts';
import { angleIn, lengthIn } from '../../../shared/fields/keptQuantities.ts';

/** What was read and measured at a bend; null where it was not. */
export interface BendMeasures {
  reading: Angle | null;
  released: Angle | null;
  /** Toward end B off its place. */
  place: Length | null;
  /** The turn that it was made with, from the bend before. */
  turn: Angle | null;
  zeroed: boolean;
  slipped: boolean;
  /** Of its entry in the log, and the moment it was first sent; null until then. */
  id: string | null;
  at: string | null;
  written: boolean;
}

const NOTHING: BendMeasures = {
  reading: null,
  released: null,
  place: null,
  turn: null,
  zeroed: true,
  slipped: false,
  id: null,
  at: null,
  written: false,
};

/** What was measured at one bend of a piece, kept in this browser. */
export const useBendMeasures = (job: string, piece: string, bend: number) =>
  useKept(`gyrus-measured/${job}/${piece}/${bend}`, measuresIn);

/** Measures out of whatever was kept. */
export function measuresIn(kept: unknown): BendMeasures {
  const { reading, released, place, turn, zeroed, slipped, id, at, written } = recordOf(kept);
  return {
    reading: angleIn(reading),
    released: angleIn(released),
    place: lengthIn(place),
    turn: angleIn(turn),
    zeroed: typeof zeroed === 'boolean' ? zeroed : NOTHING.zeroed,
    slipped: typeof slipped === 'boolean' ? slipped : NOTHING.slipped,
    id: typeof id === 'string' ? id : null,
    at: typeof at === 'string' ? at : null,
    written: written === true,
  };
}
