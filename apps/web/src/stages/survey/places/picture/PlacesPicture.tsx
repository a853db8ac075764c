import {
  AS_MEASURED,
  bodyOf,
  type CarPlace,
  carPlaces,
  type CarPicture,
  carView,
  type SquareView,
  tubesIn,
} from '@gyrus/core';
import { placeName } from '@gyrus/formats';
import { useMemo, useState } from 'react';
import { useEvaluation } from '../../../../answers/useAnswers.ts';
import { usePlan } from '../../../../job/store/planStore.ts';
import { Segmented } from '../../../../shared/fields/Segmented.tsx';
import { SQUARE_VIEWS } from '../../../../shared/figures/squareViews.ts';
import { FittedDrawing } from '../../../../shared/figures/DrawingView.tsx';
import { useWidth } from '../../../../shared/figures/useWidth.ts';
import { NowPlace } from './NowPlace.tsx';
import { PlaceBoxes } from './PlaceBoxes.tsx';
import { heightFor, type Laid, layOut, type Margins } from './placeLayout.ts';

/** Which distances a view shows, across and up the picture, and which one it does not. */
const SEEN_AXES: Record<SquareView, { axes: readonly [number, number]; hidden: number; front: string }> = {
  side: { axes: [0, 2], hidden: 1, front: 'forward is to the left' },
  top: { axes: [1, 0], hidden: 2, front: 'forward is up' },
  front: { axes: [1, 2], hidden: 0, front: 'left is left' },
};

/** A finger needs higher boxes. */
const BOX = [176, matchMedia('(pointer: coarse)').matches ? 80 : 70] as const;
/** A picture that is narrower has its boxes below it. px */
const NARROW = 640;

/** What is in hand: a place by its path, and which distance. */
interface InHand {
  key: string;
  axis: number;
}

const keyOf = ({ path }: CarPlace): string => path.join('/');

/** The car from three sides with a box at each place that was taken in it; the one in hand is lit from where to where. */
export function PlacesPicture() {
  const plan = usePlan();
  const [view, setView] = useState<SquareView>('side');
  const [hand, setHand] = useState<InHand | null>(null);
  const places = useMemo(() => carPlaces(plan), [plan]);
  const [frame, width] = useWidth();
  const isNarrow = width < NARROW;
  const { picture, laid, height } = useLaidOut(places, view, width);
  const placeOf = (key: string) => places.find((place) => keyOf(place) === key);
  const now = hand ? (placeOf(hand.key) ?? null) : null;
  const { axes, hidden, front } = SEEN_AXES[view];
  const axis = hand && hand.axis !== hidden ? hand.axis : axes[0];
  const boxes = laid.map((one) => (
    <Boxes
      key={one.key}
      {...{ one, axes }}
      place={placeOf(one.key)}
      isLit={hand?.key === one.key}
      inFlow={isNarrow}
      onFocus={(which) => setHand({ key: one.key, axis: which })}
    />
  ));
  const lit = now && picture ? dimension(now, axis, picture) : null;
  return (
    <section aria-label="The car and its places" className="grid gap-5 xl:grid-cols-[minmax(0,1fr)_290px]">
      <div className="min-w-0 space-y-2">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <Segmented quiet label="seen" value={view} options={SQUARE_VIEWS} onChange={setView} />
          <span className="text-quiet">{front}</span>
        </div>
        <div ref={frame} className="bg-sheet border-rule rounded-machined relative overflow-hidden border">
          {picture && (
            <>
              <FittedDrawing draw={() => picture.drawing} />
              <Leaders {...{ laid, width, height, lit }} hidden={isNarrow} />
              {!isNarrow && boxes}
            </>
          )}
        </div>
        {isNarrow && <div className="space-y-1">{boxes}</div>}
      </div>
      <aside aria-label="The place in hand">
        <NowPlace
          {...{ axis, hidden }}
          place={now}
          twins={(laid.find(({ key }) => key === hand?.key)?.twins ?? []).flatMap(
            (key) => placeOf(key) ?? [],
          )}
        />
      </aside>
    </section>
  );
}

interface BoxesProps {
  one: Laid;
  place: CarPlace | undefined;
  axes: readonly number[];
  isLit: boolean;
  /** Below the picture, and not on it. */
  inFlow: boolean;
  onFocus: (axis: number) => void;
}

/** A place by its name with its boxes, in the margin of the picture or below it. */
function Boxes({ one, place, axes, isLit, inFlow, onFocus }: BoxesProps) {
  if (!place) return null;
  return (
    <div
      className={`rounded-machined ${isLit ? 'bg-chalk-pale z-10' : ''} ${inFlow ? 'p-2' : 'absolute'}`}
      style={inFlow ? {} : { left: one.x, top: one.y, width: BOX[0] }}
    >
      <div aria-hidden="true" className="truncate text-sm leading-4.5 font-semibold">
        {placeName(place)}
        {one.twins.length > 0 && <span className="text-quiet font-normal"> and {one.twins.length} more</span>}
      </div>
      <PlaceBoxes {...{ place, axes, onFocus }} />
    </div>
  );
}

/** The picture as large as it has to be, and where the boxes of each place stand on it. */
function useLaidOut(places: CarPlace[], view: SquareView, width: number) {
  const isNarrow = width < NARROW;
  const margins: Margins = { width, box: BOX, least: isNarrow ? 260 : 440 };
  const height = isNarrow ? margins.least : heightFor(places.length, margins);
  const picture = useCarPicture(places, { view, width, height, aside: isNarrow ? 12 : BOX[0] + 14 });
  const laid = useMemo(
    () =>
      picture
        ? layOut(
            places.map((place) => ({ key: keyOf(place), at: picture.at(place.at) })),
            height,
            { width, box: BOX, least: 0 },
          )
        : [],
    [picture, places, height, width],
  );
  return { picture, laid, height };
}

interface PictureSize {
  view: SquareView;
  width: number;
  height: number;
  aside: number;
}

/** The picture of the car; none before the page knows how wide it is. */
function useCarPicture(places: CarPlace[], size: PictureSize): CarPicture | null {
  const { survey, occupants } = usePlan();
  const evaluation = useEvaluation();
  const { view, width, height, aside } = size;
  return useMemo(
    () =>
      width === 0
        ? null
        : carView(
            {
              survey,
              tubes: tubesIn(evaluation),
              people: occupants.map((person) => bodyOf(person, AS_MEASURED)),
              places: places.map(({ at }) => at),
            },
            { view, width, height, aside },
          ),
    [survey, occupants, evaluation, places, view, width, height, aside],
  );
}

type Line = readonly [from: readonly [number, number], to: readonly [number, number]];

/** Where the tape goes: to the place from the plane that its distance is taken from. */
function dimension({ at }: CarPlace, axis: number, picture: CarPicture): Line {
  const [x, y, z] = at;
  const from = [
    [0, y, z],
    [x, 0, z],
    [x, y, 0],
  ][axis];
  return [picture.at([from?.[0] ?? x, from?.[1] ?? y, from?.[2] ?? z]), picture.at(at)];
}

interface LeadersProps {
  laid: Laid[];
  width: number;
  height: number;
  lit: Line | null;
  /** Whether the boxes stand elsewhere. */
  hidden: boolean;
}

/** Crosses at the places, leaders from their boxes, and the distance in hand in chalk. */
function Leaders({ laid, width, height, lit, hidden }: LeadersProps) {
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="pointer-events-none absolute inset-0 size-full"
      aria-hidden="true"
    >
      {lit && (
        <path d={`M${lit[0].join(' ')}L${lit[1].join(' ')}`} className="stroke-chalk" strokeWidth="6" />
      )}
      {laid.map(({ key, at: [x, y], side, x: left, y: top }) => (
        <g key={key}>
          {!hidden && (
            <path
              d={`M${side === 'left' ? left + BOX[0] : left} ${top + 35}L${x} ${y}`}
              className="stroke-quiet"
              strokeWidth="1"
            />
          )}
          <path d={`M${x - 7} ${y}h14M${x} ${y - 7}v14`} className="stroke-ink" strokeWidth="2.5" />
        </g>
      ))}
    </svg>
  );
}
