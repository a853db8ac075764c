import { INCHES, type LengthStyle, MILLIMETRES, type Unit } from '@gyrus/core';
import { type ReactNode, useState } from 'react';
import { Segmented } from './Segmented.tsx';

const UNITS = [
  { value: 'in', text: 'inches' },
  { value: 'mm', text: 'millimetres' },
] as const;

/** How lengths are told on a page that is of no job, and the switch for it. */
export function useLengthStyle(): [LengthStyle, ReactNode] {
  const [unit, setUnit] = useState<Unit>('in');
  return [
    unit === 'in' ? INCHES : MILLIMETRES,
    <Segmented key="unit" quiet label="lengths in" value={unit} options={UNITS} onChange={setUnit} />,
  ];
}
