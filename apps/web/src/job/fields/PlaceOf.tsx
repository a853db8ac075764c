import { type Length, type Vec3 } from '@gyrus/core';
import { Button } from '../../shared/frame/Button.tsx';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { at as placeAt } from './fresh.ts';
import { PlanField } from './PlanField.tsx';
import { type PlanPath, setAt } from '../store/planPath.ts';
import { usePlanStore } from '../store/planStore.ts';
import { useJobStyle } from '../useJobStyle.ts';

const AXES = ['forward', 'to the left', 'up'];

interface PlaceOfProps {
  label: string;
  path: PlanPath;
  value: unknown;
  /** Where a place that may be missing starts. mm */
  start?: Vec3 | undefined;
}

/** A place in the car by its three distances; one that may be missing is written down and taken out as a whole. */
export function PlaceOf({ label, path, value, start }: PlaceOfProps) {
  const style = useJobStyle();
  const change = usePlanStore((state) => state.change);
  const at = Array.isArray(value) ? (value as Length[]) : null;
  const set = (next: unknown) => change(path.join('/'), (draft) => setAt(draft, path, next));
  if (at === null)
    return (
      <Button
        className="w-full"
        onClick={() =>
          set(placeAt(...((start ?? [0, 0, 0]).map((one) => Math.round(one)) as [number, number, number])))
        }
      >
        Write down: {label}
      </Button>
    );
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{label}</legend>
      <div className="grid grid-cols-3 gap-2">
        {AXES.map((axis, i) => (
          <PlanField
            key={axis}
            label={axis}
            field={[...path, i].join('/')}
            kind={lengthKind(style)}
            value={at[i] ?? null}
            set={(draft, next) => next && setAt(draft, [...path, i], next)}
          />
        ))}
      </div>
      {start && (
        <button type="button" className="text-quiet min-h-8 text-sm underline" onClick={() => set(null)}>
          take out: {label}
        </button>
      )}
    </fieldset>
  );
}
