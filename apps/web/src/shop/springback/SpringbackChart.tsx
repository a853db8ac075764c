import { type ReactNode } from 'react';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { formatAngle } from '@gyrus/core';
import { type ChartedLine, type ChartPoint } from './chartedLine.ts';

/** Kinds of bends on the charts: a shape and a word before a colour. */
const SERIES = [
  {
    name: 'test bend',
    shape: 'circle',
    fill: '#262d86',
    holds: (p: ChartPoint) => counts(p) && p.test.made === 'test',
  },
  {
    name: 'bend of a part',
    shape: 'square',
    fill: '#1f6a4a',
    holds: (p: ChartPoint) => counts(p) && p.test.made === 'production',
  },
  { name: 'outlier', shape: 'star', fill: '#9b2418', holds: (p: ChartPoint) => p.test.sound && p.outlier },
  { name: 'left out', shape: 'cross', fill: '#85837a', holds: (p: ChartPoint) => !p.test.sound },
] as const;

const counts = ({ test, outlier }: ChartPoint): boolean => test.sound && !outlier;

/** What springs back by what was read: bends, line, and the band that nine of ten new bends keep to. */
export function SpringbackChart({ points, curve, readings }: ChartedLine) {
  const hasBand = curve.some(({ band }) => band !== null);
  return (
    <Chart
      label="springs back, degrees"
      name="Springback by the dial's reading"
      height={340}
      readings={readings}
    >
      {hasBand && (
        <Area
          data={curve}
          dataKey="band"
          name="nine of ten"
          fill="#c9cef0"
          stroke="none"
          isAnimationActive={false}
          legendType="rect"
        />
      )}
      {curve.length > 0 && (
        <Line
          data={curve}
          dataKey="back"
          name="line"
          stroke="#171c5c"
          strokeWidth={2}
          dot={false}
          isAnimationActive={false}
        />
      )}
      {dots(points, 'back')}
    </Chart>
  );
}

/** What the line leaves of each bend. */
export const ResidualChart = ({ points, readings }: Pick<ChartedLine, 'points' | 'readings'>) => (
  <Chart
    label="off the line, degrees"
    name="What the line leaves of each bend"
    height={200}
    readings={readings}
  >
    <ReferenceLine y={0} stroke="#171c5c" strokeWidth={2} />
    {dots(points, 'residual')}
  </Chart>
);

const dots = (points: ChartPoint[], key: 'back' | 'residual') =>
  SERIES.map(({ name, shape, fill, holds }) => {
    const data = points.filter(holds);
    return (
      data.length > 0 && (
        <Scatter
          key={name}
          data={data}
          dataKey={key}
          name={name}
          shape={shape}
          fill={fill}
          isAnimationActive={false}
        />
      )
    );
  });

interface ChartProps {
  name: string;
  label: string;
  height: number;
  readings: ChartedLine['readings'];
  children: ReactNode;
}

/** The frame of both charts: the dial's reading along, degrees up. */
const Chart = ({ name, label, height, readings, children }: ChartProps) => (
  <figure aria-label={name} className="bg-sheet border-rule rounded-machined border p-3">
    <figcaption className="text-quiet mb-1 text-sm">
      {name}; {label}
    </figcaption>
    <ResponsiveContainer width="100%" height={height}>
      <ComposedChart margin={{ top: 8, right: 16, bottom: 18, left: 0 }}>
        <CartesianGrid stroke="#dddbd2" />
        <XAxis
          type="number"
          dataKey="reading"
          domain={readings.range}
          ticks={readings.ticks}
          tickFormatter={degrees}
          label={{ value: 'the dial reads', position: 'insideBottom', offset: -10 }}
        />
        <YAxis type="number" tickFormatter={degrees} width={56} />
        <Tooltip
          cursor={false}
          formatter={(value) =>
            Array.isArray(value)
              ? value.map((one) => degrees(Number(one))).join(' to ')
              : degrees(Number(value))
          }
          labelFormatter={(value) => `reading ${degrees(Number(value))}`}
        />
        {children}
      </ComposedChart>
    </ResponsiveContainer>
  </figure>
);

const degrees = (value: number): string => `${formatAngle(value, 2)}°`;
