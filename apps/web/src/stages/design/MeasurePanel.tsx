import {
  formatWithUnit,
  HELMET_RADIUS,
  nearestBetween,
  nearestOnPath,
  type Plan,
  type Tube,
  type Vec3,
} from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Figure } from '../../shared/Figure.tsx';
import { SelectField } from '../../shared/SelectField.tsx';

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

export interface Measured {
  line: [Vec3, Vec3];
  axes: number;
  surfaces: number;
}

/** What was asked to be measured; null while one of the two is not chosen. */
export function measureBetween(plan: Plan, tubes: Tube[], from: string, to: string): Measured | null {
  const first = tubes.find((tube) => tube.piece === from);
  if (!first || to === '') return null;
  const second = tubes.find((tube) => tube.piece === to);
  if (second) {
    const near = nearestBetween(first.axis, second.axis);
    return {
      line: [near.first, near.second],
      axes: near.distance,
      surfaces: near.distance - (first.od + second.od) / 2,
    };
  }
  const place = placeOf(plan, to);
  if (!place) return null;
  const near = nearestOnPath(place.at, first.axis);
  const axes = Math.hypot(near[0] - place.at[0], near[1] - place.at[1], near[2] - place.at[2]);
  return { line: [near, place.at], axes, surfaces: axes - first.od / 2 - place.radius };
}

function placeOf({ survey, occupants }: Plan, id: string): { at: Vec3; radius: number } | null {
  const point = survey.points.find((one) => one.id === id);
  if (point) return { at: [point.at[0].mm, point.at[1].mm, point.at[2].mm], radius: 0 };
  const top = occupants.find((one) => one.id === id)?.helmetTop;
  return top ? { at: [top[0].mm, top[1].mm, top[2].mm - HELMET_RADIUS], radius: HELMET_RADIUS } : null;
}
