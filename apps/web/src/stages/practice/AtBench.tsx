import { type Angle, type BendSheet, formatAngle, type SheetBend } from '@gyrus/core';
import { useState } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { QuantityInput } from '../../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { type Practice, type PractisedBend, pulledTo } from './practised.ts';

interface AtBenchProps {
  sheet: BendSheet;
  bend: SheetBend;
  /** The first pull has nothing to be turned from. */
  first: boolean;
  position: number;
  practice: Practice;
  current: PractisedBend;
  keep: (made: PractisedBend) => void;
}

const CLAMPS = [
  { value: 'a', text: 'toward A' },
  { value: 'b', text: 'toward B' },
] as const;

/** One pull at the practice bench: set, pulled, released, measured; pulled farther, or gone on from. */
export function AtBench({ sheet, bend, first, position, practice, current, keep }: AtBenchProps) {
  const [reading, setReading] = useState<Angle | null>(null);
  const { mark, turn, pulls } = current;
  const last = pulls.at(-1);
  const change = (changes: Partial<PractisedBend>) => keep({ ...current, ...changes });
  const set = mark !== null && (first || turn !== null);
  const farther = reading !== null && reading.deg > (last?.reading ?? 0);
  return (
    <section aria-label="At the bench" className="bg-sheet border-rule rounded-machined space-y-4 border p-4">
      <h2 className="text-lg">
        Pull {position} of {sheet.steps.length}: bend {bend.number}
      </h2>
      {!last && <Setting first={first} current={current} change={change} />}
      {last && (
        <p role="status" className="text-xl font-semibold">
          Pulled to {formatAngle(last.reading)}° and let go, it has {formatAngle(last.released)}°; wanted are{' '}
          {formatAngle(bend.angle)}°.
        </p>
      )}
      <div className="flex flex-wrap items-end gap-4">
        <div className="w-56">
          <QuantityInput
            label={last ? 'pull on to, by the dial' : 'pull to, by the dial'}
            kind={angleKind({ above: 0, most: 200 })}
            value={reading}
            onChange={setReading}
            optional
          />
        </div>
        <Button
          kind={last ? 'plain' : 'strong'}
          disabled={!set || !farther}
          onClick={() => {
            if (reading) keep(pulledTo(practice, current, reading.deg));
            setReading(null);
          }}
        >
          {last ? 'Pull farther, and let go' : 'Pull, and let go'}
        </Button>
        {last && (
          <Button kind="strong" onClick={() => change({ closed: true })}>
            Go on
          </Button>
        )}
      </div>
      {!set && <p className="text-quiet">Set {first ? 'the mark' : 'the mark and the turn'} first.</p>}
      {last && reading && !farther && (
        <p className="text-out">A bend is never opened in the die: pull farther than the last time.</p>
      )}
    </section>
  );
}

interface SettingProps {
  first: boolean;
  current: PractisedBend;
  change: (changes: Partial<PractisedBend>) => void;
}

/** How the tube is put in: its mark, its clamp, its turn, the dial. */
function Setting({ first, current: { mark, clamp, turn, zeroed }, change }: SettingProps) {
  const style = useJobStyle();
  return (
    <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
      <QuantityInput
        label="the mark, from end A"
        kind={lengthKind(style, { least: 0, usual: 'any' })}
        value={mark}
        onChange={(value) => change({ mark: value })}
        optional
      />
      {!first && (
        <QuantityInput
          label="turned since the last bend, seen A to B"
          kind={angleKind({ least: -180, most: 180 })}
          value={turn}
          onChange={(value) => change({ turn: value })}
          optional
        />
      )}
      <Segmented
        label="the clamp"
        value={clamp}
        options={CLAMPS}
        onChange={(value) => change({ clamp: value })}
      />
      <label className="flex min-h-10 items-center gap-3 self-end">
        <input
          type="checkbox"
          className="size-6"
          checked={zeroed}
          onChange={(event) => change({ zeroed: event.target.checked })}
        />
        dial zeroed under preload
      </label>
    </div>
  );
}
