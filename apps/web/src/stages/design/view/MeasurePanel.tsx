import { formatWithUnit, measureBetween, type Plan, type Tube } from '@gyrus/core';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Figure } from '../../../shared/figures/Figure.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';

interface MeasurePanelProps {
  plan: Plan;
  tubes: Tube[];
  from: string;
  to: string;
  onChange: (from: string, to: string) => void;
}

/** The least distance between two tubes, or a tube and a place of the car or a helmet: axis to axis and surface to surface. */
export function MeasurePanel({ plan, tubes, from, to, onChange }: MeasurePanelProps) {
  const style = useJobStyle();
  const named = tubes.map((tube) => ({ value: tube.piece, text: tube.stamp }));
  const others = [
    ...named,
    ...plan.survey.points.map((one) => ({ value: one.id, text: one.name || 'a point' })),
    ...plan.occupants.flatMap((one) =>
      one.helmetTop ? [{ value: one.id, text: `helmet of ${one.name || 'somebody'}` }] : [],
    ),
  ];
  const measured = measureBetween(plan, tubes, from, to);
  return (
    <section aria-label="Measure" className="space-y-2">
      <h2 className="text-lg">Measure between</h2>
      <div className="grid grid-cols-2 gap-2">
        <SelectField
          label="this tube"
          value={from}
          options={[{ value: '', text: 'choose' }, ...named]}
          onChange={(event) => onChange(event.target.value, to)}
        />
        <SelectField
          label="and"
          value={to}
          options={[{ value: '', text: 'choose' }, ...others.filter(({ value }) => value !== from)]}
          onChange={(event) => onChange(from, event.target.value)}
        />
      </div>
      {measured && (
        <div className="flex gap-8">
          <Figure label="axis to axis" text={formatWithUnit(measured.axes, style)} />
          <Figure label="surface to surface" text={formatWithUnit(measured.surfaces, style)} />
        </div>
      )}
    </section>
  );
}
