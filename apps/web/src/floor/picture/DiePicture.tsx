import { inBendPlane, type InBendPlane, type Stage, type WalkAsked } from '@gyrus/core';
import { useMemo } from 'react';

interface DiePictureProps {
  asked: WalkAsked;
  /** Which pull of the order, from 0. */
  pull: number;
  /** How far the dial is; null for what it will be when it is released. Degrees */
  dial?: number;
  /** All of the tube, or what is near the die. */
  whole?: boolean;
}

type Points = [number, number][];

/** How far from the die is shown when not the whole tube is. mm */
const NEAR = { back: 700, ahead: 620, side: 640, other: 170 };

/**
 * The tube in the die, square to the plane it is bent in and turned as the operator sees it: as it lies now, and as it will stand after
 * this pull; the clamp, the pressure die, and which way the end swings.
 */
export function DiePicture({ asked, pull, dial = 0, whole = false }: DiePictureProps) {
  const now = useMemo(() => at(asked, pull, { at: 'pull', dial }), [asked, pull, dial]);
  const after = useMemo(() => at(asked, pull, { at: 'released' }), [asked, pull]);
  if (!now || !after) return null;
  const { swing } = asked.bender;
  // Left of the feed is up on the page, and so is up.
  const up = swing === 'left' || swing === 'up' ? -1 : 1;
  const lies = swing === 'left' || swing === 'right';
  const od = asked.tube.od;
  const box = whole ? boxOf([now, after], od) : near(now);
  const from = up < 0 ? -box.y[1] : box.y[0];
  const size = Math.max(box.x[1] - box.x[0], box.y[1] - box.y[0]);
  return (
    <svg
      role="img"
      aria-label={`The tube in the die, seen from ${lies ? 'above' : 'the side'}: the clamped end swings ${swing}`}
      viewBox={`${box.x[0]} ${from} ${box.x[1] - box.x[0]} ${box.y[1] - box.y[0]}`}
      className="h-full max-h-[38vh] w-full lg:max-h-[52vh]"
    >
      <g transform={`scale(1 ${up})`}>
        <circle
          cx={now.die.at[0]}
          cy={now.die.at[1]}
          r={now.die.radius - od / 2}
          fill="#20277a"
          stroke="#c9d0ff"
          strokeWidth={size / 220}
        />
        <circle cx={now.die.at[0]} cy={now.die.at[1]} r={size / 60} fill="#fff" />
        <Tube
          points={[...after.behind].reverse().concat(after.ahead)}
          od={od}
          color="#5a64c9"
          opacity={0.55}
        />
        <Tube points={[...now.behind].reverse().concat(now.ahead)} od={od} color="#7d88f0" />
        <ClampBoxes now={now} od={od} line={size / 200} dial={dial} />
        <Swing now={now} after={after} size={size} />
      </g>
      <Labels
        now={now}
        up={up}
        size={size}
        clamp={asked.order[pull]?.clamp ?? 'a'}
        whole={whole}
        dial={dial}
      />
    </svg>
  );
}

const at = (asked: WalkAsked, pull: number, stage: Stage) => inBendPlane(asked, pull, stage);

const Tube = ({
  points,
  od,
  color,
  opacity = 1,
}: {
  points: Points;
  od: number;
  color: string;
  opacity?: number;
}) => (
  <polyline
    points={points.map((point) => point.join(',')).join(' ')}
    fill="none"
    stroke={color}
    strokeWidth={od}
    strokeLinejoin="round"
    opacity={opacity}
  />
);

/** The clamp that turns with the die, at the tube's clamped side; the pressure die that stays. */
function ClampBoxes({ now, od, line, dial }: { now: InBendPlane; od: number; line: number; dial: number }) {
  const [x, y] = now.die.at;
  return (
    <>
      <rect
        x={-now.pressure}
        y={-od * 0.9}
        width={now.pressure}
        height={od * 0.5}
        fill="none"
        stroke="#c9d0ff"
        strokeWidth={line}
      />
      <g transform={`rotate(${dial} ${x} ${y})`}>
        <rect
          x={0}
          y={-od * 0.8}
          width={Math.max(now.clamp, od)}
          height={od * 1.6}
          fill="none"
          stroke="#ffffff"
          strokeWidth={line * 1.4}
        />
        <line x1={0} x2={0} y1={-od} y2={od} stroke="#ffc83d" strokeWidth={line * 2.4} />
      </g>
    </>
  );
}

interface LabelsProps {
  now: InBendPlane;
  /** 1 where the die's side is down on the page. */
  up: 1 | -1;
  size: number;
  clamp: 'a' | 'b';
  whole: boolean;
  dial: number;
}

/** What is what; the ends by their letters where all of the tube is shown. */
function Labels({ now, up, size, clamp, whole, dial }: LabelsProps) {
  const letter = size / 22;
  const text = (at: [number, number] | undefined, words: string, color: string, bold = false) =>
    at && (
      <text
        x={at[0]}
        y={up * at[1]}
        dy={letter * 0.36}
        textAnchor="middle"
        fill={color}
        fontSize={bold ? letter * 1.5 : letter}
        fontWeight={bold ? 700 : 500}
      >
        {words}
      </text>
    );
  const [front, back] = clamp === 'a' ? ['A', 'B'] : ['B', 'A'];
  return (
    <>
      {dial === 0 && text([now.clamp / 2, -letter * 1.9], 'clamp', '#ffffff')}
      {whole && text(past(now.ahead, letter), front, '#ffc83d', true)}
      {whole && text(past(now.behind, letter), back, '#ffc83d', true)}
    </>
  );
}

/** A place beyond the end of a stretch of tube. */
function past(points: [number, number][], by: number): [number, number] | undefined {
  const [before, last] = points.slice(-2);
  if (!before || !last) return undefined;
  const long = Math.hypot(last[0] - before[0], last[1] - before[1]) || 1;
  return [last[0] + (by * (last[0] - before[0])) / long, last[1] + (by * (last[1] - before[1])) / long];
}

/** The way of the clamped end, from where it is to where it will be. */
function Swing({ now, after, size }: { now: InBendPlane; after: InBendPlane; size: number }) {
  const [x, y] = now.die.at;
  const radius = Math.min(size * 0.36, farFrom(now.die.at, now.ahead.at(-1)));
  const [begin, end] = [angleAt(now, radius), angleAt(after, radius)];
  if (end - begin < 0.05) return null;
  const place = (angle: number): string => `${x + radius * Math.cos(angle)} ${y + radius * Math.sin(angle)}`;
  const tip = end - 0.06;
  const head = size / 38;
  return (
    <g stroke="#ffc83d" fill="none" strokeWidth={size / 130}>
      <path
        d={`M ${place(begin + 0.08)} A ${radius} ${radius} 0 ${end - begin > Math.PI ? 1 : 0} 1 ${place(tip)}`}
      />
      <path
        transform={`translate(${place(tip)}) rotate(${(tip * 180) / Math.PI + 90})`}
        d={`M 0 ${-head} L ${head * 1.6} 0 L 0 ${head} Z`}
        fill="#ffc83d"
        stroke="none"
      />
    </g>
  );
}

/** Where the clamped side crosses a circle about the die. Radians, toward the way that it bends */
function angleAt({ die, ahead }: InBendPlane, radius: number): number {
  const [x, y] = die.at;
  for (let i = 1; i < ahead.length; i += 1) {
    const [a, b] = [ahead[i - 1], ahead[i]];
    if (!a || !b || farFrom(die.at, b) < radius) continue;
    const [near, far] = [farFrom(die.at, a), farFrom(die.at, b)];
    const share = far === near ? 1 : Math.max(0, Math.min(1, (radius - near) / (far - near)));
    return Math.atan2(a[1] + share * (b[1] - a[1]) - y, a[0] + share * (b[0] - a[0]) - x);
  }
  const last = ahead.at(-1) ?? [x + 1, y];
  return Math.atan2(last[1] - y, last[0] - x);
}

const farFrom = ([x, y]: [number, number], point: [number, number] | undefined): number =>
  point ? Math.hypot(point[0] - x, point[1] - y) : 0;

interface Box {
  x: [number, number];
  y: [number, number];
}

/** What is near the die, toward the side that the end swings to. */
const near = ({ die }: InBendPlane): Box => ({
  x: [-NEAR.back, NEAR.ahead],
  y: [-NEAR.other, Math.max(NEAR.side, 2 * die.radius + NEAR.other)],
});

/** All of the tube before and after, with room for the letters at its ends. */
function boxOf(poses: InBendPlane[], od: number): Box {
  const points = poses.flatMap(({ behind, ahead }) => [...behind, ...ahead]);
  const [x, y] = ([0, 1] as const).map((axis) => points.map((point) => point[axis]));
  const span = (values: number[]) => Math.max(...values) - Math.min(...values);
  const room = 2 * od + 0.1 * Math.max(span(x ?? []), span(y ?? []));
  const range = (values: number[]): [number, number] => [
    Math.min(...values) - room,
    Math.max(...values) + room,
  ];
  return { x: range(x ?? []), y: range(y ?? []) };
}
