import { type CarPlace, formatLength } from '@gyrus/core';
import { AXIS_HOW, AXIS_NAMES, placeName } from '@gyrus/formats';
import { PlaceOf } from '../../../../job/fields/PlaceOf.tsx';
import { PlanField } from '../../../../job/fields/PlanField.tsx';
import { distanceAt, placeAt, setAt, valueAt } from '../../../../job/store/planPath.ts';
import { usePlan } from '../../../../job/store/planStore.ts';
import { useJobStyle } from '../../../../job/useJobStyle.ts';
import { lengthKind } from '../../../../shared/fields/quantityKinds.ts';
import { Typeset } from '../../../../shared/figures/Figure.tsx';

interface NowPlaceProps {
  place: CarPlace | null;
  /** The distance in hand, of three. */
  axis: number;
  /** The distance that this view does not show. */
  hidden: number;
  /** Places that are seen at the same spot. */
  twins: readonly CarPlace[];
}

/** The place in hand: how its distance is taken, how it was understood, and what the view does not show of it. */
export function NowPlace({ place, axis, hidden, twins }: NowPlaceProps) {
  const style = useJobStyle();
  const plan = usePlan();
  if (!place)
    return (
      <p>
        Press a box on the picture: it lights what to measure and from where. Points of the body, landings of
        bars and the people in it stand here as soon as there are any; add points below.
      </p>
    );
  const value = valueAt(plan, distanceAt(place, axis));
  return (
    <div className="space-y-3">
      <div className="border-chalk border-l-4 pl-3" aria-live="polite">
        <h2 className="text-lg">{placeName(place)}</h2>
        <p className="font-semibold">{AXIS_NAMES[axis]}</p>
        <p>{AXIS_HOW[axis]}</p>
        <p className="figure text-quiet min-h-6">
          {value && <Typeset text={lengthKind(style).understood(value)} />}
        </p>
      </div>
      <PlanField
        among="panel-"
        label={`${AXIS_NAMES[hidden] ?? ''}, not seen from here`}
        field={distanceAt(place, hidden).join('/')}
        kind={lengthKind(style)}
        value={valueAt(plan, distanceAt(place, hidden)) ?? null}
        set={(draft, next) => next && setAt(draft, distanceAt(place, hidden), next)}
      />
      {twins.map((twin) => (
        <div key={twin.path.join('/')} className="border-rule border-t pt-2">
          <p className="text-quiet text-sm">
            seen at the same spot{' '}
            {[0, 1, 2]
              .map((one) => ({ one, apart: twin.at[one as 0 | 1 | 2] - mirrored(place, one) }))
              .filter(({ one, apart }) => one !== hidden && Math.abs(apart) >= 0.5)
              .map(({ one, apart }) => `${AXIS_NAMES[one] ?? ''} differs by ${formatLength(apart, style)}`)
              .join(', ')}
          </p>
          <PlaceOf label={placeName(twin)} path={placeAt(twin)} among="panel-" />
        </div>
      ))}
    </div>
  );
}

const mirrored = ({ at }: CarPlace, axis: number): number => at[axis as 0 | 1 | 2];
