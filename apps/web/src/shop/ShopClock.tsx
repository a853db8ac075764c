import { minuteWords } from '@gyrus/formats';
import { SelectField } from '../shared/fields/SelectField.tsx';
import { useSettle, useShopSettings } from '../shared/server/queries.ts';

const MACHINE = '';
const ZONES = Intl.supportedValuesOf('timeZone');

/** By whose clock sheets are printed: that of the machine which Gyrus runs on, until another zone is chosen. */
export function ShopClock() {
  const { data } = useShopSettings();
  const settle = useSettle();
  if (!data) return null;
  const options = [
    {
      value: MACHINE,
      text: data.chosen ? 'of the machine that Gyrus runs on' : `of this machine, ${data.zone}`,
    },
    // One zone has several names, and the one that is kept may be another than this browser's.
    ...[...new Set([...ZONES, ...(data.chosen ? [data.zone] : [])])].map((zone) => ({
      value: zone,
      text: zone,
    })),
  ];
  return (
    <div className="flex flex-wrap items-end gap-4">
      <SelectField
        label="clock on sheets"
        options={options}
        value={data.chosen ? data.zone : MACHINE}
        onChange={({ target }) => settle.mutate({ zone: target.value === MACHINE ? null : target.value })}
      />
      <p className="text-quiet pb-2">now {minuteWords({ at: new Date(), zone: data.zone })}</p>
    </div>
  );
}
