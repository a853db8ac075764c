import { type Vec3 } from '@gyrus/core';
import { Button } from '../../shared/frame/Button.tsx';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { at as placeAt } from './fresh.ts';
import { PlanField } from './PlanField.tsx';
import { type Place } from './recordField.ts';
import { into, type PlanPath, setAt, valueAt } from '../store/planPath.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { useJobStyle } from '../useJobStyle.ts';

const AXES = ['forward', 'to the left', 'up'];

interface PlaceOfProps {
  label: string;
  path: PlanPath<Place | null>;
  /** Where a place that may be missing starts. mm */
  start?: Vec3 | undefined;
  /** Where a second box of the same fields can be on the page, their own name among them. */
  among?: string;
}

/** A place in the car by its three distances; one that may be missing is written down and taken out as a whole. */
export function PlaceOf({ label, path, start, among }: PlaceOfProps) {
  const style = useJobStyle();
  const change = usePlanStore((state) => state.change);
  const at = valueAt(usePlan(), path) ?? null;
  const set = (next: Place | null) => change(path.join('/'), (draft) => setAt(draft, path, next));
  if (at === null)
    return (
      <Button
        className="w-full"
        onClick={() => {
          const [x, y, z] = start ?? [0, 0, 0];
          set(placeAt(Math.round(x), Math.round(y), Math.round(z)));
        }}
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
            {...(among === undefined ? {} : { among })}
            field={into(path, i).join('/')}
            kind={lengthKind(style)}
            value={at[i] ?? null}
            set={(draft, next) => next && setAt(draft, into(path, i), next)}
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
