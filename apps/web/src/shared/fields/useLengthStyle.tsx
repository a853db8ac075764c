import { INCHES, type LengthStyle, MILLIMETRES, type Unit } from '@gyrus/core';
import { type ReactNode } from 'react';
import { useSettle, useShopSettings } from '../server/queries.ts';
import { useKept } from '../server/useKept.ts';
import { Segmented } from './Segmented.tsx';

const UNITS = [
  { value: 'in', text: 'inches' },
  { value: 'mm', text: 'millimetres' },
] as const;

/** The unit of the shop. Until it has answered, or settled one, the one chosen last on this device; inches before that. */
export function useShopUnit(): [Unit, (unit: Unit) => void] {
  const [kept, keep] = useKept<Unit>('gyrus-shop-unit', (text) => (text === 'mm' ? 'mm' : 'in'));
  const settled = useShopSettings().data?.unit;
  const settle = useSettle();
  // What is being settled is shown before the shop has answered.
  const chosen = settle.isPending ? settle.variables.unit : settled;
  return [
    chosen ?? kept,
    (unit) => {
      keep(unit);
      settle.mutate({ unit });
    },
  ];
}

/** How lengths are told on a page that is of no job, and the switch for it. */
export function useLengthStyle(): [LengthStyle, ReactNode] {
  const [unit, setUnit] = useShopUnit();
  return [
    unit === 'in' ? INCHES : MILLIMETRES,
    <Segmented key="unit" quiet label="lengths in" value={unit} options={UNITS} onChange={setUnit} />,
  ];
}
