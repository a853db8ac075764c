import {
  type Angle,
  type Evaluation,
  isAssumed,
  type Length,
  MEASURE_KEYS,
  MEASURES,
  type Plan,
  tubesIn,
} from '@gyrus/core';

/** A figure of two jobs beside each other. mm, or degrees */
export interface BesideRow {
  name: string;
  unit: 'mm' | 'deg';
  /** null where the job has no such figure. */
  here: number | null;
  there: number | null;
  /** Taken over from another car: nobody measured it here. */
  assumed: boolean;
}

type Side = { plan: Plan; answers: Evaluation };

/** What was read off two cars: every measure that either has, in the order of asking. */
export function measuredBeside(here: Plan, there: Plan): BesideRow[] {
  const [own, other] = [here.survey.measures, there.survey.measures];
  return MEASURE_KEYS.flatMap((key): BesideRow[] => {
    const [a, b]: (Length | Angle | undefined)[] = [own[key], other[key]];
    if (!a && !b) return [];
    const { label, kind } = MEASURES[key];
    return [
      {
        ...{ name: label, unit: kind === 'angle' ? ('deg' as const) : ('mm' as const) },
        ...{ here: valueOf(a), there: valueOf(b), assumed: a !== undefined && isAssumed(a) },
      },
    ];
  });
}

const valueOf = (figure: Length | Angle | undefined): number | null =>
  !figure ? null : 'mm' in figure ? figure.mm : figure.deg;

/** Tubes of two cages by their stamps: along the axis, end to end. Those that are alike to a tenth of a millimetre are left out. */
export function tubesBeside(here: Side, there: Side): BesideRow[] {
  const lengths = ({ answers }: Side) =>
    new Map(tubesIn(answers).map(({ stamp, developed }) => [stamp, developed] as const));
  const [own, other] = [lengths(here), lengths(there)];
  const stamps = [...new Set([...own.keys(), ...other.keys()])];
  return stamps
    .map((name): BesideRow => ({
      ...{ name, unit: 'mm', assumed: false },
      ...{ here: own.get(name) ?? null, there: other.get(name) ?? null },
    }))
    .filter(({ here: a, there: b }) => a === null || b === null || Math.abs(a - b) > ALIKE);
}

/** mm */
const ALIKE = 0.1;
