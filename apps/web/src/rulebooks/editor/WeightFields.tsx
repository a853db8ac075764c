import { type Mass } from '@gyrus/core';
import { QuantityInput } from '../../shared/QuantityInput.tsx';
import { massKind } from '../../shared/quantityKinds.ts';
import { useBookDraft } from './useBookDraft.ts';

interface Weights {
  over: Mass | null;
  upTo: Mass | null;
}

interface WeightFieldsProps {
  value: Weights;
  onChange: (change: Partial<Weights>) => void;
}

/** The car's weight that something holds for: above one, up to and including the other; open where empty. */
export function WeightFields({ value, onChange }: WeightFieldsProps) {
  const { unit } = useBookDraft();
  const field = (label: string, key: keyof Weights) => (
    <QuantityInput
      label={label}
      kind={massKind(unit)}
      value={value[key]}
      optional
      onChange={(mass) => onChange({ [key]: mass })}
    />
  );
  return (
    <>
      {field('car over', 'over')}
      {field('car up to', 'upTo')}
    </>
  );
}
