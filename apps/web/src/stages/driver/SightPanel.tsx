import { formatAngle, formatWithUnit, type Sight, sightView } from '@gyrus/core';
import { useCallback } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { Figure, Typeset } from '../../shared/figures/Figure.tsx';

/** What the cage hides of somebody's view: level with the eye to both sides, and straight ahead up and down. */
export function SightPanel({ who, sight }: { who: string; sight: Sight }) {
  const style = useJobStyle();
  const draw = useCallback((width: number) => sightView(sight, width), [sight]);
  const widest = (side: 'left' | 'right') =>
    sight.level.filter((one) => one.side === side).reduce((sum, { arc }) => sum + arc[1] - arc[0], 0);
  const upDown = (angle: number) => `${formatAngle(Math.abs(angle))}° ${angle < 0 ? 'below' : 'above'}`;
  return (
    <section aria-label={`Sight of ${who}`} className="space-y-2">
      <h2 className="text-xl">Sight of {who}</h2>
      <div className="flex flex-wrap gap-x-8 gap-y-2">
        <Figure label="hidden on the left" text={`${formatAngle(widest('left'))}°`} />
        <Figure label="hidden on the right" text={`${formatAngle(widest('right'))}°`} />
        <Figure label="of the view ahead" text={`${Math.round(sight.share * 100)} %`} />
      </div>
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined max-w-xl border" />
      <ul>
        {sight.windscreen.map(({ stamp, member, above }) => (
          <li key={member}>
            <Typeset
              text={`${stamp} stands ${formatWithUnit(Math.abs(above), style)} ${above < 0 ? 'below' : 'above'} the eye, to its axis.`}
            />
          </li>
        ))}
        {sight.across.map(({ stamp, member, arc }) => (
          <li key={`${member}/${arc[0]}`}>
            Straight ahead {stamp} hides {upDown(arc[0])} to {upDown(arc[1])} the horizon.
          </li>
        ))}
      </ul>
      <p className="text-quiet text-sm">
        One eye in the middle of the head, level with the ground. The view ahead is 120° wide and 30° high. A
        pillar of a road car may hide 6° (UN Regulation No. 125, from memory).
      </p>
    </section>
  );
}
