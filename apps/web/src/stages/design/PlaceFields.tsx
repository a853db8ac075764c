import { type Length, type Plan } from '@gyrus/core';
import { type Draft } from 'immer';
import { PlanField } from '../../job/PlanField.tsx';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { lengthKind } from '../../shared/quantityKinds.ts';

type Axis = 0 | 1 | 2;

interface PlaceFieldsProps {
  legend: string;
  field: string;
  at: readonly [Length, Length, Length] | null;
  set: (plan: Draft<Plan>, axis: Axis, value: Length) => void;
}

const AXES: { axis: Axis; label: string }[] = [
  { axis: 0, label: 'forward' },
  { axis: 1, label: 'to the left' },
  { axis: 2, label: 'up' },
];

/** A point in the car: forward of the hoop, to the left of the centre line, above the floor. */
export function PlaceFields({ legend, field, at, set }: PlaceFieldsProps) {
  const style = useJobStyle();
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{legend}</legend>
      <div className="grid grid-cols-3 gap-2">
        {AXES.map(({ axis, label }) => (
          <PlanField
            key={axis}
            label={label}
            field={`${field}/${axis}`}
            kind={lengthKind(style)}
            value={at?.[axis] ?? null}
            set={(plan, value) => value && set(plan, axis, value)}
          />
        ))}
      </div>
    </fieldset>
  );
}
