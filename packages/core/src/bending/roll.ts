import { radians } from '../measure/index.ts';
import { straightsBeside } from './straights.ts';

/** Rise of an arc over a gauge laid on it as a chord: R − √(R² − (g/2)²); null where the gauge is longer than the circle is wide. mm */
export function riseOver(radius: number, gauge: number): number | null {
  const half = gauge / 2;
  return half > radius ? null : radius - Math.sqrt(radius * radius - half * half);
}

/** Radius of an arc by the rise that was measured over a gauge: (g²/4 + s²)/(2s) [circle through a chord]. mm */
export const radiusOfRise = (rise: number, gauge: number): number => (gauge * gauge) / (8 * rise) + rise / 2;

/** What a roll is set and stopped by. Distances from end A of the blank, mm */
export interface Roll {
  start: number;
  end: number;
  radius: number;
  chord: number;
  /** Of the whole arc over its chord. */
  rise: number;
  /** Over the shop's gauge, laid on the outside of the bend, where it has one and the arc is as long as it. */
  overGauge: { gauge: number; rise: number } | null;
  /** Straight that is left before the arc and behind it, A → B. */
  leads: [before: number, after: number];
}

/**
 * The roll of one arc of a blank. A gauge lies on the tube and not on its axis: its feet on the outside of the bend, half a diameter
 * farther out. gauge: what the rise is measured over at the machine, null where nobody says. mm
 */
export function rollOf(
  blank: {
    od: number;
    blank: number;
    bends: readonly {
      number: number;
      tangentA: number;
      tangentB: number;
      finishedClr: number;
      angle: number;
    }[];
  },
  bend: number,
  gauge: number | null,
): Roll {
  const { a: before, b: after } = straightsBeside(blank, bend);
  const found = blank.bends.find(({ number }) => number === bend);
  if (!found) throw new Error(`the blank has no bend ${bend}`);
  const { tangentA, tangentB, finishedClr: radius, angle } = found;
  const half = radians(angle) / 2;
  const outside = radius + blank.od / 2;
  const reaches = gauge !== null && 2 * outside * Math.sin(Math.min(half, Math.PI / 2)) >= gauge;
  const rise = reaches ? riseOver(outside, gauge) : null;
  return {
    start: tangentA,
    end: tangentB,
    radius,
    chord: 2 * radius * Math.sin(half),
    rise: radius * (1 - Math.cos(half)),
    overGauge: gauge === null || rise === null ? null : { gauge, rise },
    leads: [before, after],
  };
}
