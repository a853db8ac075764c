import { type Tube } from '@gyrus/core';
import { useId } from 'react';
import { usePlan } from '../../../job/store/planStore.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { type ViewSettings } from './viewSettings.ts';
import { type SpaceView } from '../space/Space.tsx';

const EYES: { value: SpaceView; text: string }[] = [
  { value: 'free', text: 'free' },
  { value: 'side', text: 'from the left' },
  { value: 'front', text: 'from behind' },
  { value: 'top', text: 'from above' },
];

interface PictureToolsProps {
  settings: ViewSettings;
  onChange: (settings: ViewSettings) => void;
  space: boolean;
  tubes: Tube[];
}

/** The fit order as a slider; in space also where the eye is, the car round the cage, and the mirror image over it. */
export function PictureTools({ settings, onChange, space, tubes }: PictureToolsProps) {
  const { fitOrder } = usePlan();
  const id = useId();
  const shown = settings.upTo ?? fitOrder.length;
  const last = tubes.find((tube) => tube.piece === fitOrder[shown - 1]);
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
      {space && (
        <>
          <Segmented
            quiet
            label="the eye"
            value={settings.eye}
            options={EYES}
            onChange={(eye) => onChange({ ...settings, eye })}
          />
          <Check label="the car" on={settings.car} onChange={(car) => onChange({ ...settings, car })} />
          <Check
            label="stamps"
            on={settings.stamps}
            onChange={(stamps) => onChange({ ...settings, stamps })}
          />
        </>
      )}
      <Check
        label="mirror image"
        on={settings.ghosts}
        onChange={(ghosts) => onChange({ ...settings, ghosts })}
      />
      <div className="flex min-w-64 flex-1 items-center gap-3">
        <label htmlFor={id} className="text-quiet whitespace-nowrap">
          fitted up to <span className="text-ink font-semibold">{last?.stamp ?? 'all'}</span>
        </label>
        <input
          id={id}
          type="range"
          className="accent-ink h-10 flex-1"
          min={1}
          max={Math.max(1, fitOrder.length)}
          value={shown}
          onChange={(event) => {
            const next = Number(event.target.value);
            onChange({ ...settings, upTo: next >= fitOrder.length ? null : next });
          }}
        />
      </div>
    </div>
  );
}

function Check({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex min-h-10 items-center gap-2 font-semibold">
      <input
        type="checkbox"
        className="size-5"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
