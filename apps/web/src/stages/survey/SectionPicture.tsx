import {
  type BodyOutline,
  bodyOutline,
  type MeasureKey,
  MEASURES,
  outlinePoints,
  polylineOf,
  type Tube,
} from '@gyrus/core';
import { type KeyboardEvent, useMemo } from 'react';
import { useWidth } from '../../shared/figures/useWidth.ts';
import { usePlan } from '../../job/store/planStore.ts';
import { MeasureField } from './MeasureField.tsx';
import { type FieldPlace, fieldPlaces, PICTURE, type PictureView, pictureView } from './pictureView.ts';
import { DimensionLine } from './DimensionLine.tsx';

interface SectionPictureProps {
  tube: Tube | null;
  focus: MeasureKey | null;
  onFocus: (key: MeasureKey) => void;
}

/** The car's section from behind, to scale as far as it is measured, with the numbers on it. Left is left. */
export function SectionPicture({ tube, focus, onFocus }: SectionPictureProps) {
  const { measures } = usePlan().survey;
  const body = useMemo(() => bodyOutline(measures), [measures]);
  const view = useMemo(() => pictureView(body), [body]);
  const places = useMemo(() => fieldPlaces(body, view), [body, view]);
  const [frame, width] = useWidth();
  // On a phone the boxes stand in a list below the picture, in the order in which the car is measured.
  const inList = width > 0 && width < NARROW;
  return (
    <div onKeyDown={goOnWithEnter}>
      <div
        ref={frame}
        className="bg-sheet border-rule rounded-machined relative w-full border"
        style={{ aspectRatio: `${PICTURE.width} / ${PICTURE.height}` }}
      >
        <Section {...{ tube, body, view, places, focus }} />
        {!inList && places.map((place) => <PlacedField key={place.key} place={place} onFocus={onFocus} />)}
      </div>
      {inList && (
        <ul className="mt-3 space-y-1">
          {places.map(({ key }) => (
            <li
              key={key}
              className={`rounded-machined grid grid-cols-[1fr_7rem] items-center gap-3 px-2 py-1 ${focus === key ? 'bg-chalk-pale' : ''}`}
            >
              <span aria-hidden="true">{MEASURES[key].label}</span>
              <MeasureField measure={key} onFocus={onFocus} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

interface SectionProps extends Pick<SectionPictureProps, 'tube' | 'focus'> {
  body: BodyOutline;
  view: PictureView;
  places: FieldPlace[];
}

/** The body, the hoop in it, and from where to where each measure goes. */
function Section({ tube, body, view, places, focus }: SectionProps) {
  const outline = outlinePoints(body).map(([half, height]) => view.at(half, height));
  const axis = tube ? polylineOf(tube.axis).map(([, y, z]) => view.at(-y, z)) : [];
  return (
    <svg
      viewBox={`0 0 ${PICTURE.width} ${PICTURE.height}`}
      className="absolute inset-0 size-full"
      aria-hidden="true"
    >
      <polygon points={pointsText(outline)} className="fill-sheet2 stroke-ink" strokeWidth="2" />
      <path
        d={`M${PICTURE.width / 2} 74V520`}
        className="stroke-ink"
        strokeWidth="1.2"
        strokeDasharray="14 4 3 4"
      />
      {tube && (
        <>
          <polyline
            points={pointsText(axis)}
            fill="none"
            className="stroke-steel"
            strokeWidth={tube.od * view.scale}
          />
          <polyline
            points={pointsText(axis)}
            fill="none"
            className="stroke-scribe"
            strokeWidth="1.2"
            strokeDasharray="14 4 3 4"
          />
        </>
      )}
      {places.map((place) => (
        <DimensionLine key={place.key} place={place} view={view} body={body} lit={focus === place.key} />
      ))}
      <text x={458} y={534} className="fill-quiet text-[14px]">
        centre line of the car
      </text>
    </svg>
  );
}

/** A narrower picture has no room for boxes. px */
const NARROW = 560;

/** Enter goes on to the next box, in the order in which the car is measured. */
function goOnWithEnter(event: KeyboardEvent<HTMLElement>) {
  if (event.key !== 'Enter') return;
  const boxes = [...event.currentTarget.querySelectorAll('input')];
  boxes[boxes.findIndex((box) => box === event.target) + 1]?.focus();
}

const CAPTIONS: Partial<Record<MeasureKey, string>> = {
  halfWidthFloorLeft: 'floor, left',
  halfWidthFloorRight: 'floor, right',
  halfWidthLeanLeft: 'at the lean, left',
  halfWidthLeanRight: 'at the lean, right',
  halfWidthRoofLeft: 'roof rail, left',
  halfWidthRoofRight: 'roof rail, right',
  leanHeight: 'leans from here up',
  headlinerCentre: 'headliner, centre',
  headlinerCornerLeft: 'corner, left',
  headlinerCornerRight: 'corner, right',
  wallLeanLeft: 'wall leans (°)',
  wallLeanRight: 'wall leans (°)',
  pillarTilt: 'pillar tilts (°)',
  floorSlopeLeft: 'floor slope (°)',
  floorSlopeRight: 'floor slope (°)',
  landingLeft: 'landing, left',
  landingRight: 'landing, right',
  doorSill: 'door, sill',
  doorTop: 'door, top',
};

/** A box with its caption: above it at the top and bottom edge of the picture, below it elsewhere. */
function PlacedField({ place, onFocus }: { place: FieldPlace; onFocus: (key: MeasureKey) => void }) {
  const caption = CAPTIONS[place.key];
  const above = /^(headliner|floorSlope|landing|door|halfWidth)/.test(place.key);
  return (
    <div
      className="absolute w-[11.6%] min-w-19 -translate-x-1/2 -translate-y-1/2 focus-within:z-20 has-[[data-says]]:z-10"
      style={{ left: `${(100 * place.x) / PICTURE.width}%`, top: `${(100 * place.y) / PICTURE.height}%` }}
    >
      <MeasureField measure={place.key} onFocus={onFocus} />
      {caption && (
        <div
          aria-hidden="true"
          className={`text-quiet pointer-events-none absolute left-1/2 -translate-x-1/2 text-sm leading-4 whitespace-nowrap ${above ? 'bottom-full mb-0.5' : 'top-full mt-0.5'}`}
        >
          {caption}
        </div>
      )}
    </div>
  );
}

const pointsText = (points: [number, number][]): string =>
  points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
