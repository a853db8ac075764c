import {
  type AngleKey,
  halfOf,
  isAngleKey,
  isHalfWidth,
  type LengthKey,
  type MeasureKey,
  MEASURES,
  usualMeasure,
  withHalves,
} from '@gyrus/core';
import { PlanField } from '../../job/fields/PlanField.tsx';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';

interface MeasureFieldProps {
  measure: MeasureKey;
  onFocus: (key: MeasureKey) => void;
}

/** The box of one measure on the picture. */
export function MeasureField({ measure, onFocus }: MeasureFieldProps) {
  return isAngleKey(measure) ? (
    <AngleMeasure measure={measure} onFocus={() => onFocus(measure)} />
  ) : (
    <LengthMeasure measure={measure} onFocus={() => onFocus(measure)} />
  );
}

function LengthMeasure({ measure, onFocus }: { measure: LengthKey; onFocus: () => void }) {
  const style = useJobStyle();
  const { survey, units } = usePlan();
  const { measures } = survey;
  const limits = measure.startsWith('landing') ? { least: 0 } : { above: 0 };
  return (
    <PlanField
      bare
      optional
      needed={MEASURES[measure].needed}
      label={MEASURES[measure].label}
      field={`survey/${measure}`}
      kind={lengthKind(style, { ...limits, usual: usualMeasure(measure) })}
      value={measures[measure] ?? null}
      meant={
        isHalfWidth(measure)
          ? {
              words: (whole) => `It is the whole width: take ${halfOf(whole, units.length).typed}`,
              take: ({ survey: next }, whole) => {
                Object.assign(next.measures, withHalves(next.measures, measure, whole, units.length));
                next.distrusted = null;
              },
            }
          : undefined
      }
      onFocus={onFocus}
      set={({ survey }, value) => {
        if (value) survey.measures[measure] = value;
        else delete survey.measures[measure];
        // What was not trusted was not trusted of other numbers.
        if (/Width|lean|headliner/i.test(measure)) survey.distrusted = null;
      }}
    />
  );
}

function AngleMeasure({ measure, onFocus }: { measure: AngleKey; onFocus: () => void }) {
  const { measures } = usePlan().survey;
  return (
    <PlanField
      bare
      optional
      label={MEASURES[measure].label}
      field={`survey/${measure}`}
      kind={angleKind({ least: -60, most: 60 })}
      value={measures[measure] ?? null}
      onFocus={onFocus}
      set={({ survey }, value) => {
        if (value) survey.measures[measure] = value;
        else delete survey.measures[measure];
        if (measure.startsWith('wallLean') || measure === 'pillarTilt') survey.distrusted = null;
      }}
    />
  );
}
