import { type Gap, type Loop, type Tube } from '../cage/index.ts';
import { hoopPoints } from './hoopPoints.ts';
import { type AsBuiltPoint } from './point.ts';

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
