import {
  AS_MEASURED,
  bodyOf,
  type CockpitAnswer,
  driverView,
  nearestTubes,
  type Occupant,
  seatPoses,
  type SquareView,
  type Tube,
  writeSaid,
} from '@gyrus/core';
import { useCallback, useMemo, useState } from 'react';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { NotchScale } from '../../shared/fields/NotchScale.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { SQUARE_VIEWS } from '../../shared/figures/squareViews.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';

/** Farther than this, a tube is not near. mm, common practice */
const REACH = 300;

/** Somebody in the seat, at the setting that is chosen, with the nearest tube to each part of the body. */
export function SeatedPicture({ padding, tubes }: { padding: CockpitAnswer['padding']; tubes: Tube[] }) {
  const style = useJobStyle();
  const { occupants } = usePlan();
  const [view, setView] = useState<SquareView>('side');
  const [chosen, setChosen] = useState('');
  const person = occupants.find(({ id }) => id === chosen) ?? occupants[0];
  const poses = useMemo(() => (person ? posesOf(person) : [AS_MEASURED]), [person]);
  const [notch, setNotch] = useState<number | null>(null);
  const measured = Math.max(
    0,
    poses.findIndex((pose) => pose.notch.length === 0),
  );
  const at = Math.min(notch ?? measured, poses.length - 1);
  const body = useMemo(() => person && bodyOf(person, poses[at] ?? AS_MEASURED), [person, poses, at]);
  const nearest = useMemo(() => (body ? nearestTubes(body, tubes, REACH) : []), [body, tubes]);
  const draw = useCallback(
    (width: number) => (body ? driverView({ body, nearest, padding }, tubes, { view, width, style }) : null),
    [body, nearest, padding, tubes, view, style],
  );
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap gap-3">
        {occupants.length > 1 && person && (
          <Segmented
            quiet
            label="who sits in it"
            value={person.id}
            options={occupants.map(({ id, name }) => ({ value: id, text: name || 'somebody' }))}
            onChange={(id) => {
              setChosen(id);
              setNotch(null);
            }}
          />
        )}
        <Segmented quiet label="seen" value={view} options={SQUARE_VIEWS} onChange={setView} />
      </div>
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      {poses.length > 1 && (
        <div>
          <h2 className="text-quiet text-sm font-medium">setting of the seat</h2>
          <NotchScale
            label="setting of the seat"
            notches={poses.map((pose) => writeSaid(pose.notch, style) || 'as measured')}
            value={at}
            onChange={setNotch}
          />
        </div>
      )}
      <p className="text-quiet text-sm">
        A line goes from each part of the body to the tube nearest to it, in this setting. Bright on a tube: a
        stretch that helmet or limbs can be thrown against, in any setting. Seat and hands are drawn, not
        measured.
      </p>
    </div>
  );
}

/** Every setting of somebody's seat; the one that was measured is always among them. */
function posesOf({ travel }: Occupant) {
  const poses = seatPoses(travel, 'all');
  return poses.some(({ notch }) => notch.length === 0) ? poses : [AS_MEASURED, ...poses];
}
