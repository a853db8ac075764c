import { type Gap, type Loop, type Tube } from '../cage/index.ts';
import { hoopPoints } from './hoopPoints.ts';

/** What is taped or measured at the cage, by what it is. */
export type AsBuiltWhat =
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

/** Which turns of the work a cage is measured at. */
export const MOMENTS = ['bench', 'tacked', 'lifted', 'welded'] as const;
/** A turn of the work at which a cage is measured. */
export type Moment = (typeof MOMENTS)[number];

/** All that is worth measuring at a turn: the hoop alone on the bench, with its gaps and every bay in the car. */
export function pointsAt(
  moment: Moment,
  {
    hoop,
    belt,
    gaps,
    loops,
    stampOf,
  }: {
    hoop: Tube | null;
    /** How high the belt line is; half the hoop's height where it is null. */
    belt: number | null;
    gaps: Gap[];
    loops: Loop[];
    stampOf: (piece: string) => string;
  },
): AsBuiltPoint[] {
  const own = hoop ? hoopPoints(hoop, belt) : [];
  if (moment === 'bench') return own;
  return [
    ...own.filter(({ what }) => what.kind !== 'twist'),
    ...gaps.map(({ place, side, gap }): AsBuiltPoint => ({
      key: `gap:${place}:${side ?? 'middle'}`,
      what: { kind: 'gap', place, side },
      planned: gap,
    })),
    ...loops.flatMap((loop) => bayPoints(loop, stampOf)),
  ];
}

function bayPoints({ pieces, diagonals }: Loop, stampOf: (piece: string) => string): AsBuiltPoint[] {
  if (!diagonals) return [];
  const stamps = pieces.map(stampOf);
  return diagonals.map((planned, i) => {
    const which = i === 0 ? 1 : 2;
    return {
      key: `bay:${[...pieces].sort().join('+')}:${which}`,
      what: { kind: 'bay', stamps, which },
      planned,
    };
  });
}
