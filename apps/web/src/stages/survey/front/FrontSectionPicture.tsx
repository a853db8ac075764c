import { type FrontSection, formatWithUnit, polylineOf, type Tube, type Vec3 } from '@gyrus/core';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { useEvaluation } from '../../../answers/useAnswers.ts';

/** The picture, in its own units: from the front on the left, from the side on the right. */
const PICTURE = { width: 900, height: 520 };
const MARGIN = 50;
/** How much of its width each view has. */
const ROOM = [560, 340] as const;

type Flat = (at: Vec3) => [across: number, up: number];

/** Looking forward, as the main hoop's section: left is left. */
const FRONT: Flat = ([, y, z]) => [-y, z];
/** From the left, the front of the car on the left. */
const SIDE: Flat = ([x, , z]) => [-x, z];

/** The corners of the body, numbered from the landing up, and the front hoop within them, from the front and from the side. */
export function FrontSectionPicture({ section }: { section: FrontSection | null }) {
  const { members } = usePlan();
  const evaluation = useEvaluation();
  const style = useJobStyle();
  const hoop = members.find(({ role }) => role === 'front-hoop');
  const tube = evaluation.members.find(({ member }) => member === hoop?.id)?.pieces[0]?.tube ?? null;
  const left = (section?.left ?? []).map(({ at: [x, y, z] }): Vec3 => [x.mm, y.mm, z.mm]);
  const right =
    section?.right?.map(({ at: [x, y, z] }): Vec3 => [x.mm, y.mm, z.mm]) ??
    left.map(([x, y, z]): Vec3 => [x, -y, z]);
  const body = [...left, ...[...right].reverse()];
  const axis = tube ? polylineOf(tube.axis) : [];
  if (body.length + axis.length === 0) return null;
  const all = [...body, ...axis];
  const views = [spanOf(all, FRONT), spanOf(all, SIDE)] as const;
  const scale = Math.min(
    ...views.map(({ wide, high }, i) =>
      Math.min((ROOM[i === 0 ? 0 : 1] - 2 * MARGIN) / wide, (PICTURE.height - 2 * MARGIN) / high),
    ),
  );
  const drawn = { body, numbered: left, tube, axis, scale };
  const width = (left.at(-1)?.[1] ?? 0) - (right.at(-1)?.[1] ?? 0);
  return (
    <figure>
      <svg
        viewBox={`0 0 ${PICTURE.width} ${PICTURE.height}`}
        className="bg-sheet border-rule rounded-machined w-full border"
        role="img"
        aria-label="The body and the front hoop, from behind and from the side"
      >
        <Seen flat={FRONT} span={views[0]} middle={ROOM[0] / 2} {...drawn} />
        <Seen flat={SIDE} span={views[1]} middle={ROOM[0] + ROOM[1] / 2} {...drawn} />
        <text x={MARGIN} y={PICTURE.height - 14} className="fill-quiet text-[15px]">
          from behind, left is left
        </text>
        <text x={620} y={PICTURE.height - 14} className="fill-quiet text-[15px]">
          from the left, front of the car left
        </text>
      </svg>
      {body.length > 0 && (
        <figcaption className="text-quiet mt-1">
          Between the corners at the head of the screen: {formatWithUnit(width, style)}.{' '}
          {tube ? `${tube.stamp} is drawn within.` : 'No front hoop stands in it yet: add one at Design.'}
        </figcaption>
      )}
    </figure>
  );
}

/** How far a view reaches. mm */
interface Span {
  middle: number;
  wide: number;
  low: number;
  high: number;
}

/** From the floor up. */
function spanOf(all: Vec3[], flat: Flat): Span {
  const xs = all.map((at) => flat(at)[0]);
  const ups = [0, ...all.map((at) => flat(at)[1])];
  const [least, most, low] = [Math.min(...xs), Math.max(...xs), Math.min(...ups)];
  return { middle: (least + most) / 2, wide: Math.max(1, most - least), low, high: Math.max(...ups) - low };
}

interface SeenProps {
  flat: Flat;
  body: Vec3[];
  numbered: Vec3[];
  tube: Tube | null;
  axis: Vec3[];
  span: Span;
  /** Where on the picture its middle is. */
  middle: number;
  /** Of both views. */
  scale: number;
}

function Seen({ flat, span, middle, scale, body, numbered, tube, axis }: SeenProps) {
  const placed = (at: Vec3): [number, number] => {
    const [x, up] = flat(at);
    return [middle + (x - span.middle) * scale, PICTURE.height - MARGIN - (up - span.low) * scale];
  };
  const text = (line: Vec3[]) => line.map((at) => placed(at).join(',')).join(' ');
  return (
    <g>
      <polyline points={text(body)} fill="none" className="stroke-ink" strokeWidth="2" />
      {tube && (
        <polyline points={text(axis)} fill="none" className="stroke-steel" strokeWidth={tube.od * scale} />
      )}
      {tube && (
        <polyline
          points={text(axis)}
          fill="none"
          className="stroke-scribe"
          strokeWidth="1.2"
          strokeDasharray="14 4 3 4"
        />
      )}
      {numbered.map((at, i) => {
        const [x, y] = placed(at);
        return (
          <g key={i}>
            <circle cx={x} cy={y} r="5" className="fill-chalk stroke-ink" />
            <text
              x={x - 12}
              y={i === 0 ? y + 24 : y - 8}
              textAnchor={i === 0 ? 'start' : 'end'}
              className="fill-ink text-[16px] font-semibold"
            >
              {i === 0 ? 'landing' : i}
            </text>
          </g>
        );
      })}
    </g>
  );
}
