import { type LengthStyle, type Plan } from '@gyrus/core';
import { useMemo } from 'react';
import { usePlan } from './store/planStore.ts';

/** How lengths are written in a job of these units. */
export const styleOf = ({ units: { length, fraction } }: Pick<Plan, 'units'>): LengthStyle => ({
  unit: length,
  fraction,
  decimals: 0,
});

/** How lengths are written in this job. */
export function useJobStyle(): LengthStyle {
  const { units } = usePlan();
  return useMemo(() => styleOf({ units }), [units]);
}
