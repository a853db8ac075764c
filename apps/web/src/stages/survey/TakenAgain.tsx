import {
  type AngleKey,
  formatAngle,
  formatWithUnit,
  isAngleKey,
  type LengthKey,
  type MeasureKey,
  type Plan,
  takenTwice,
} from '@gyrus/core';
import { type Draft } from 'immer';
import { PlanField } from '../../job/fields/PlanField.tsx';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Button } from '../../shared/frame/Button.tsx';

/** A second reading of a measure: both are kept, it is said how far they differ, and either can be the one that counts. */
export function TakenAgain({ measure }: { measure: MeasureKey }) {
  const { survey } = usePlan();
  const change = usePlanStore((state) => state.change);
  const style = useJobStyle();
  const twice = takenTwice(survey).find(({ key }) => key === measure);
  const apart = twice && Math.abs(twice.counts - twice.other);
  return (
    <div className="mt-2 space-y-2">
      {isAngleKey(measure) ? <AngleAgain measure={measure} /> : <LengthAgain measure={measure} />}
      {twice && apart !== undefined && (
        <p>
          <Typeset
            text={`The two readings are ${twice.unit === 'mm' ? formatWithUnit(apart, style) : `${formatAngle(apart, 2)}°`} apart; the one on the picture counts.`}
          />
        </p>
      )}
      {twice && (
        <Button onClick={() => change(`survey/again/${measure}/counts`, (plan) => swap(plan, measure))}>
          Count the other one
        </Button>
      )}
    </div>
  );
}

function swap({ survey }: Draft<Plan>, measure: MeasureKey): void {
  const { measures, again } = survey as { measures: Record<string, unknown>; again: Record<string, unknown> };
  [measures[measure], again[measure]] = [again[measure], measures[measure]];
  // What was not trusted was not trusted of other numbers.
  survey.distrusted = null;
}

/** Keeps the other reading of a measure, or lets it go. */
const keepAgain =
  <Key extends MeasureKey>(measure: Key) =>
  ({ survey }: Draft<Plan>, value: Plan['survey']['again'][Key] | null): void => {
    if (value) survey.again[measure] = value;
    else delete survey.again[measure];
  };

function LengthAgain({ measure }: { measure: LengthKey }) {
  const style = useJobStyle();
  const { again } = usePlan().survey;
  return (
    <PlanField
      optional
      label="taken again"
      field={`survey/again/${measure}`}
      kind={lengthKind(style, measure.startsWith('landing') ? { least: 0 } : { above: 0 })}
      value={again[measure] ?? null}
      set={keepAgain(measure)}
    />
  );
}

function AngleAgain({ measure }: { measure: AngleKey }) {
  const { again } = usePlan().survey;
  return (
    <PlanField
      optional
      label="taken again"
      field={`survey/again/${measure}`}
      kind={angleKind({ least: -60, most: 60 })}
      value={again[measure] ?? null}
      set={keepAgain(measure)}
    />
  );
}
