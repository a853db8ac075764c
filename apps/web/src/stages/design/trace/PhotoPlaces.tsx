import { type PhotoPlace } from '@gyrus/core';
import { type MouseEvent, useState } from 'react';

interface PhotoPlacesProps {
  /** Where the browser has it. */
  photo: string;
  /** The two marks first, then the places along the tube; in the photo's own dots. */
  clicked: readonly PhotoPlace[];
  onClick: (at: PhotoPlace) => void;
}

/** A photo with the places that were clicked on it. */
export function PhotoPlaces({ photo, clicked, onClick }: PhotoPlacesProps) {
  const [[wide, high], setSize] = useState<PhotoPlace>([1, 1]);
  const [one, other, ...places] = clicked;
  const click = (event: MouseEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    onClick([
      ((event.clientX - box.left) / box.width) * wide,
      ((event.clientY - box.top) / box.height) * high,
    ]);
  };
  return (
    <div className="relative">
      <img
        src={photo}
        alt="the shape that is traced"
        className="block w-full"
        onLoad={({ currentTarget: image }) => setSize([image.naturalWidth, image.naturalHeight])}
      />
      <svg
        role="img"
        aria-label="places on the photo"
        viewBox={`0 0 ${wide} ${high}`}
        className="absolute inset-0 size-full cursor-crosshair"
        onClick={click}
      >
        {one && other && (
          <line
            {...{ x1: one[0], y1: one[1], x2: other[0], y2: other[1] }}
            className="stroke-chalk"
            strokeWidth={wide / 300}
          />
        )}
        <polyline
          points={places.map((at) => at.join(',')).join(' ')}
          fill="none"
          className="stroke-steel"
          strokeWidth={wide / 300}
        />
        {clicked.map(([cx, cy], i) => (
          <circle
            key={i}
            {...{ cx, cy }}
            r={wide / 130}
            className={i < 2 ? 'fill-chalk stroke-ink' : 'fill-steel stroke-sheet'}
            strokeWidth={wide / 500}
          />
        ))}
      </svg>
    </div>
  );
}
