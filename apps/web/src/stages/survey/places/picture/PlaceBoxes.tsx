import { type CarPlace, type Length } from '@gyrus/core';
import { AXIS_NAMES, placeName } from '@gyrus/formats';
import { PlanField } from '../../../../job/fields/PlanField.tsx';
import { distanceAt, setAt, valueAt } from '../../../../job/store/planPath.ts';
import { usePlan } from '../../../../job/store/planStore.ts';
import { useJobStyle } from '../../../../job/useJobStyle.ts';
import { lengthKind } from '../../../../shared/fields/quantityKinds.ts';

interface PlaceBoxesProps {
  place: CarPlace;
  /** Which of its three distances have a box. */
  axes: readonly number[];
  onFocus: (axis: number) => void;
}

/** The boxes of a place for the distances that are seen, each captioned by what it is. */
export function PlaceBoxes({ place, axes, onFocus }: PlaceBoxesProps) {
  const style = useJobStyle();
  const plan = usePlan();
  const name = placeName(place);
  return (
    <div className="flex gap-1 [&_input]:min-h-8.5 [&_input]:px-1 [&_input]:text-base">
      {axes.map((axis) => (
        <div key={axis} className="min-w-0 flex-1">
          <PlanField<Length>
            bare
            among="picture-"
            label={`${name}: ${AXIS_NAMES[axis] ?? ''}`}
            field={distanceAt(place, axis).join('/')}
            kind={lengthKind(style)}
            value={valueAt(plan, distanceAt(place, axis)) ?? null}
            onFocus={() => onFocus(axis)}
            set={(draft, next) => next && setAt(draft, distanceAt(place, axis), next)}
          />
          <div aria-hidden="true" className="text-quiet text-center text-xs leading-3.5">
            {AXIS_NAMES[axis]}
          </div>
        </div>
      ))}
    </div>
  );
}
