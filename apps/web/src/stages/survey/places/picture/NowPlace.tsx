import { type CarPlace, formatWithUnit, type LengthStyle, subtract } from '@gyrus/core';
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
            seen at the same spot{differsWords(place, twin, hidden, style)}
          </p>
          <PlaceOf label={placeName(twin)} path={placeAt(twin)} among="panel-" />
        </div>
      ))}
    </div>
  );
}

/** In which of the distances that are seen a twin lies elsewhere, and by how much. */
function differsWords(place: CarPlace, twin: CarPlace, hidden: number, style: LengthStyle): string {
  const apart = subtract(twin.at, place.at);
  return AXIS_NAMES.flatMap((name, i) => {
    const by = apart[i as 0 | 1 | 2];
    return i === hidden || Math.abs(by) < SAME ? [] : [`, ${name} differs by ${formatWithUnit(by, style)}`];
  }).join('');
}

/** What no tape tells apart. mm */
const SAME = 0.5;
