import { type Gap } from '../cage/index.ts';

/** What is taped or measured at the cage, by what it is. */
type AsBuiltWhat =
  /** Between the legs' axes: at the feet, at the belt line, at the top of the legs. */
  | { kind: 'width'; at: 'feet' | 'belt' | 'roof'; up: number }
  /** From a foot's axis to the middle of the crown's bend across, on its axis. */
  | { kind: 'diagonal'; from: 'left' | 'right' }
  /** The top of the crown over the floor, a quarter of its width in from each side. */
  | { kind: 'height'; side: 'left' | 'right' }
  /** From upright, seen from behind; positive where it leans in upward. */
  | { kind: 'lean'; side: 'left' | 'right' }
  /** How far one foot stands off where the hoop lies flat on a floor. */
  | { kind: 'twist' }
  /** Of a bay with four corners, from one to the one across, on the axes. */
  | { kind: 'bay'; stamps: string[]; which: 1 | 2 }
  | { kind: 'gap'; place: Gap['place']; side: Gap['side'] };

/** A thing to be measured, with what it is planned to be. mm; degrees of a lean */
export interface AsBuiltPoint {
  /** The same for the same thing in every revision. */
  key: string;
  what: AsBuiltWhat;
  planned: number;
}
