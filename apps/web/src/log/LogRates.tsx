import { type JobSummary, type JobTime, type MadeBend, type Scrap } from '@gyrus/contract';
import { formatWithUnit, type LengthStyle, type TimeTaken } from '@gyrus/core';
import { stepKindWords } from '@gyrus/formats';
import { useState } from 'react';
import { Bar, BarChart, CartesianGrid, Scatter, ScatterChart, Tooltip, XAxis, YAxis } from 'recharts';
import { SelectField } from '../shared/fields/SelectField.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../shared/figures/PlainTable.tsx';
import { ChartFrame } from './ChartFrame.tsx';
import { byMachine, byRole, lastCars, type SpoiledShare } from './rates.ts';

interface LogRatesProps {
  bends: MadeBend[];
  scrap: Scrap[];
  jobs: JobSummary[];
  steps: TimeTaken[];
  times: JobTime[];
  style: LengthStyle;
}

/** What the log says of the shop: what is spoiled most, how long steps take, how bends come out, what a car of a model needs. */
export function LogRates({ bends, scrap, jobs, steps, times, style }: LogRatesProps) {
  return (
    <div className="grid gap-4 lg:grid-cols-2">
      {scrap.length > 0 && (
        <>
          <Shares name="Spoiled, by what it is" shares={byRole(bends, scrap)} />
          <Shares name="Spoiled, by machine" shares={byMachine(bends, scrap)} />
        </>
      )}
      {bends.length > 1 && <OffOverTime bends={bends} />}
      {steps.length > 0 && <StepTimes steps={steps} />}
      <LastCars {...{ bends, scrap, jobs, times, style }} />
    </div>
  );
}

/** So many bars are read in a picture; the table has them all. */
const MOST_BARS = 8;

function Shares({ name, shares }: { name: string; shares: SpoiledShare[] }) {
  return (
    <div className="space-y-2">
      <ChartFrame name={`${name}, percent of those begun`}>
        <BarChart data={shares.slice(0, MOST_BARS)} layout="vertical">
          <CartesianGrid stroke="#dddbd2" horizontal={false} />
          <XAxis type="number" domain={[0, 100]} />
          <YAxis type="category" dataKey="name" width={110} />
          <Tooltip cursor={{ fill: '#ebeae3' }} />
          <Bar dataKey="share" name="percent" fill="#9b2418" isAnimationActive={false} />
        </BarChart>
      </ChartFrame>
      <PlainTable names={[{ unseen: 'of what' }, 'made', 'thrown away', 'percent']}>
        {shares.map(({ name: of, made, scrapped, share }) => (
          <TableRow key={of}>
            <Cell>{of}</Cell>
            <Cell figure>{made}</Cell>
            <Cell figure>{scrapped}</Cell>
            <Cell figure>{share}</Cell>
          </TableRow>
        ))}
      </PlainTable>
    </div>
  );
}

/** How far each bend came out from what was wanted, by its day; the table of bends has the figures. */
function OffOverTime({ bends }: { bends: MadeBend[] }) {
  const points = bends.map(({ at, released, target, stamp }) => ({
    ...{ at: new Date(at).getTime(), stamp },
    off: Math.round(10 * (released.deg - target.deg)) / 10,
  }));
  return (
    <ChartFrame name="How bends came out, degrees off, over time">
      <ScatterChart>
        <CartesianGrid stroke="#dddbd2" />
        <XAxis
          type="number"
          dataKey="at"
          domain={['dataMin', 'dataMax']}
          tickFormatter={(moment: number) => new Date(moment).toISOString().slice(0, 10)}
        />
        <YAxis type="number" dataKey="off" width={40} />
        <Tooltip
          formatter={(value, name) =>
            name === 'at' ? new Date(Number(value)).toISOString().slice(0, 10) : `${String(value)}°`
          }
        />
        <Scatter data={points} fill="#262d86" isAnimationActive={false} />
      </ScatterChart>
    </ChartFrame>
  );
}

function StepTimes({ steps }: { steps: TimeTaken[] }) {
  const rows = steps
    .map(({ kind, minutes, steps: count }) => ({
      name: stepKindWords(kind),
      count,
      each: Math.round(minutes / count),
    }))
    .sort((a, b) => b.each - a.each);
  return (
    <div className="space-y-2">
      <ChartFrame name="Minutes a step takes">
        <BarChart data={rows} layout="vertical">
          <CartesianGrid stroke="#dddbd2" horizontal={false} />
          <XAxis type="number" />
          <YAxis type="category" dataKey="name" width={130} />
          <Tooltip cursor={{ fill: '#ebeae3' }} />
          <Bar dataKey="each" name="minutes" fill="#262d86" isAnimationActive={false} />
        </BarChart>
      </ChartFrame>
      <PlainTable names={['step', 'kept', 'minutes each']}>
        {rows.map(({ name, count, each }) => (
          <TableRow key={name}>
            <Cell>{name}</Cell>
            <Cell figure>{count}</Cell>
            <Cell figure>{each}</Cell>
          </TableRow>
        ))}
      </PlainTable>
    </div>
  );
}

/** What the last cars of a model needed, for who quotes the next. */
function LastCars({ bends, scrap, jobs, times, style }: Omit<LogRatesProps, 'steps'>) {
  const cars = [...new Set(jobs.map(({ car }) => car).filter((car) => car !== ''))].sort();
  const [chosen, setChosen] = useState('');
  const car = cars.includes(chosen) ? chosen : (cars[0] ?? '');
  const needs = lastCars(car, jobs, { bends, scrap, times });
  if (needs.length === 0) return null;
  return (
    <section aria-label="The last cars of a model" className="space-y-2">
      <SelectField
        label="the last cars of"
        value={car}
        options={cars.map((value) => ({ value, text: value }))}
        onChange={(event) => setChosen(event.target.value)}
      />
      <PlainTable names={['job', 'bends', 'thrown away', 'tube lost', 'hours kept']}>
        {needs.map(({ job, name, bends: made, scrapped, lost, minutes }) => (
          <TableRow key={job}>
            <Cell>{name}</Cell>
            <Cell figure>{made}</Cell>
            <Cell figure>{scrapped}</Cell>
            <Cell figure>
              <Typeset text={formatWithUnit(lost, style)} />
            </Cell>
            <Cell figure>{(minutes / 60).toFixed(1)}</Cell>
          </TableRow>
        ))}
      </PlainTable>
    </section>
  );
}
