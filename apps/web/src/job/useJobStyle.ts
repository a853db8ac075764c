import { type LengthStyle } from '@gyrus/core';
import { useMemo } from 'react';
import { usePlan } from './store/planStore.ts';

/** How lengths are written in this job. */
export function useJobStyle(): LengthStyle {
  const { length, fraction } = usePlan().units;
  return useMemo(() => ({ unit: length, fraction, decimals: 0 }), [length, fraction]);
}
