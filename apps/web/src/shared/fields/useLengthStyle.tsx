import { INCHES, type LengthStyle, MILLIMETRES, type Unit } from '@gyrus/core';
import { type ReactNode } from 'react';
import { useKept } from '../server/useKept.ts';
import { Segmented } from './Segmented.tsx';

const UNITS = [
  { value: 'in', text: 'inches' },
  { value: 'mm', text: 'millimetres' },
] as const;

/** The unit of the shop, as it was chosen last on this device; inches until then. */
export const useShopUnit = (): [Unit, (unit: Unit) => void] =>
  useKept<Unit>('gyrus-shop-unit', (kept) => (kept === 'mm' ? 'mm' : 'in'));

/** How lengths are told on a page that is of no job, and the switch for it. */
export function useLengthStyle(): [LengthStyle, ReactNode] {
  const [unit, setUnit] = useShopUnit();
  return [
    unit === 'in' ? INCHES : MILLIMETRES,
    <Segmented key="unit" quiet label="lengths in" value={unit} options={UNITS} onChange={setUnit} />,
  ];
}
