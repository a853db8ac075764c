import { type Mass } from '@gyrus/core';
import { massKind } from '../../shared/fields/quantityKinds.ts';
import { BookQuantity } from './BookQuantity.tsx';
import { useBookDraft } from './draft/useBookDraft.ts';

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
    <BookQuantity<Mass>
      label={label}
      kind={massKind(unit)}
      figure="kg"
      value={value[key]}
      optional
      set={(mass) => onChange({ [key]: mass as Mass | null })}
    />
  );
  return (
    <>
      {field('car over', 'over')}
      {field('car up to', 'upTo')}
    </>
  );
}
