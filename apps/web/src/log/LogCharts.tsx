import { type MadeBend, type Scrap } from '@gyrus/contract';
import { formatWithUnit, type LengthStyle } from '@gyrus/core';
import { useMemo } from 'react';
import { Bar, BarChart, CartesianGrid, Legend, Tooltip, XAxis, YAxis } from 'recharts';
import { ChartFrame } from './ChartFrame.tsx';
import { byMonth, byReason } from './tallies.ts';

/** Bends and scrap by month; and why pieces were thrown away. */
export function LogCharts({
  bends,
  scrap,
  style,
}: {
  bends: MadeBend[];
  scrap: Scrap[];
  style: LengthStyle;
}) {
  const months = useMemo(() => byMonth(bends, scrap), [bends, scrap]);
  const reasons = useMemo(() => byReason(scrap), [scrap]);
  const lost = reasons.reduce((sum, { length }) => sum + length, 0);
  const cost = reasons.reduce((sum, one) => sum + one.cost, 0);
  return (
    <div className="grid gap-4 lg:grid-cols-2">
      <ChartFrame name="By month">
        <BarChart data={months}>
          <CartesianGrid stroke="#dddbd2" vertical={false} />
          <XAxis dataKey="month" />
          <YAxis allowDecimals={false} width={36} />
          <Tooltip cursor={{ fill: '#ebeae3' }} />
          <Legend />
          <Bar dataKey="bends" name="bends made" fill="#262d86" isAnimationActive={false} />
          <Bar dataKey="scrap" name="pieces thrown away" fill="#9b2418" isAnimationActive={false} />
        </BarChart>
      </ChartFrame>
      {reasons.length > 0 && (
        <div>
          <ChartFrame name="Scrap by reason">
            <BarChart data={reasons} layout="vertical">
              <CartesianGrid stroke="#dddbd2" horizontal={false} />
              <XAxis type="number" allowDecimals={false} />
              <YAxis type="category" dataKey="reason" width={130} />
              <Tooltip cursor={{ fill: '#ebeae3' }} />
              <Bar dataKey="pieces" name="pieces" fill="#9b2418" isAnimationActive={false} />
            </BarChart>
          </ChartFrame>
          <p className="text-quiet mt-1">
            {formatWithUnit(lost, style)} of tube lost{cost > 0 ? `, at a cost of ${cost.toFixed(2)}` : ''}.
          </p>
        </div>
      )}
    </div>
  );
}
