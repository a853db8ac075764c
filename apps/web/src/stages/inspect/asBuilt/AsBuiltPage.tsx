import {
  type Angle,
  type BuildEntry,
  type BuiltDeviation,
  type Length,
  type Moment,
  MOMENTS,
  recordOf,
} from '@gyrus/core';
import { MOMENT_WORDS } from '@gyrus/formats';
import { useState } from 'react';
import { useParams } from 'react-router';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { useDevices } from '../../../shared/devices/useDevices.ts';
import { angleIn, lengthIn } from '../../../shared/fields/keptQuantities.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { WhoField } from '../../../shared/fields/WhoField.tsx';
import { PlainTable } from '../../../shared/figures/PlainTable.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Loading, Trouble } from '../../../shared/frame/Waiting.tsx';
import { useKept } from '../../../shared/server/useKept.ts';
import { useWho } from '../../../shared/server/useWho.ts';
import { useBuildEntries, useMakeEntry, useWriteEntry } from '../../build/order/useBuildEntries.ts';
import { InspectTabs } from '../InspectTabs.tsx';
import { AsBuiltPicture } from './AsBuiltPicture.tsx';
import { Correction } from './Correction.tsx';
import { PointRow } from './PointRow.tsx';
import { Stance } from './Stance.tsx';
import { lastMeasured, useAsBuiltPoints, useDeviations } from './useAsBuilt.ts';
import { WhatItSays } from './WhatItSays.tsx';

/** The cage as it was built: what to measure at each turn of the work, how far it is off, and what puts it right. */
export function AsBuiltPage() {
  const entries = useBuildEntries();
  return (
    <div className="mx-auto max-w-[1560px] space-y-5 p-5">
      <InspectTabs />
      <h1 className="text-3xl">As built</h1>
      {entries.isPending && <Loading what="what was measured" />}
      {entries.isError && <Trouble error={entries.error} retry={() => void entries.refetch()} />}
      {entries.data && <AsBuilt entries={entries.data} />}
    </div>
  );
}

function AsBuilt({ entries }: { entries: BuildEntry[] }) {
  const deviations = useDeviations(entries);
  const [chosen, setChosen] = useState<Moment | null>(null);
  const moment = chosen ?? lastMeasured(deviations);
  const own = deviations.get(moment) ?? [];
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <div className="min-w-0 space-y-4">
        <Segmented
          label="measured"
          value={moment}
          options={MOMENTS.map((value) => ({ value, text: MOMENT_WORDS[value] }))}
          onChange={setChosen}
        />
        <Stance />
        <Readings key={moment} moment={moment} deviations={own} />
      </div>
      <aside className="space-y-5">
        <AsBuiltPicture deviations={own} />
        <Correction deviations={own} />
        <WhatItSays deviations={deviations} moment={moment} />
      </aside>
    </div>
  );
}

/** What is typed and not written down yet, by what it is of. */
interface Typed {
  taped: Record<string, Length>;
  turned: Record<string, Angle>;
}

const typedIn = (kept: unknown): Typed => ({
  taped: valuesIn(recordOf(kept).taped, lengthIn),
  turned: valuesIn(recordOf(kept).turned, angleIn),
});

const valuesIn = <T,>(kept: unknown, read: (one: unknown) => T | null): Record<string, T> =>
  Object.fromEntries(
    Object.entries(recordOf(kept)).flatMap(([key, one]) => {
      const value = read(one);
      return value === null ? [] : [[key, value]];
    }),
  );

const withValue = <T,>(values: Record<string, T>, key: string, value: T | null): Record<string, T> => {
  const others = Object.fromEntries(Object.entries(values).filter(([one]) => one !== key));
  return value === null ? others : { ...others, [key]: value };
};

/** The table of what is measured at a turn; what is typed stays in this browser until it is written down. */
function Readings({ moment, deviations }: { moment: Moment; deviations: BuiltDeviation[] }) {
  const { jobId = '' } = useParams();
  const branch = usePlanStore((state) => state.branch);
  const points = useAsBuiltPoints()(moment);
  const { gauge } = useDevices();
  const [who] = useWho();
  const [typed, keep] = useKept(`gyrus-as-built/${jobId}/${branch}/${moment}`, typedIn);
  const write = useWriteEntry();
  const make = useMakeEntry();
  const readings = points.flatMap(({ key }) => {
    const [taped = null, turned = null] = [typed.taped[key], typed.turned[key]];
    return taped || turned ? [{ what: `${moment}:${key}`, taped, turned }] : [];
  });
  const send = () =>
    write.mutate(
      make({
        ...{ kind: 'note', ticks: [`measure:${moment}`], who, title: `Measured, ${MOMENT_WORDS[moment]}` },
        readings,
      }),
      { onSuccess: () => keep({ taped: {}, turned: {} }) },
    );
  if (points.length === 0)
    return (
      <p className="bg-sheet border-rule rounded-machined border p-5">
        There is no main hoop yet: measure the car at Survey.
      </p>
    );
  return (
    <>
      <PlainTable names={['what', 'planned', 'measured now', 'off']}>
        {points.map((point) => (
          <PointRow
            key={point.key}
            point={point}
            gauge={gauge}
            deviation={deviations.find((one) => one.point.key === point.key)}
            taped={typed.taped[point.key] ?? null}
            turned={typed.turned[point.key] ?? null}
            onTaped={(value) => keep({ ...typed, taped: withValue(typed.taped, point.key, value) })}
            onTurned={(value) => keep({ ...typed, turned: withValue(typed.turned, point.key, value) })}
          />
        ))}
      </PlainTable>
      <div className="bg-ground sticky bottom-0 grid items-end gap-3 py-3 sm:grid-cols-[1fr_auto]">
        <WhoField label="measured by" />
        <Button
          kind="strong"
          disabled={readings.length === 0 || who.trim() === '' || write.isPending}
          onClick={send}
        >
          Write {readings.length} figure{readings.length === 1 ? '' : 's'} down
        </Button>
      </div>
    </>
  );
}
