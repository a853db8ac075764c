import { fromPhoto, type Length, type Outcome, type PhotoPlace, type TracedPoint } from '@gyrus/core';
import { ImageUp, Undo2 } from 'lucide-react';
import { type MouseEvent, useEffect, useState } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { FileButton } from '../../../shared/fields/FileButton.tsx';
import { lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { Button } from '../../../shared/frame/Button.tsx';

interface PhotoTraceProps {
  onTrace: (trace: Outcome<readonly TracedPoint[]> | null) => void;
}

/** Places clicked on a photo: two marks of known distance first, then along the tube from end A to end B. */
export function PhotoTrace({ onTrace }: PhotoTraceProps) {
  const style = useJobStyle();
  const [photo, setPhoto] = useState<string | null>(null);
  const [size, setSize] = useState<PhotoPlace>([1, 1]);
  const [clicked, setClicked] = useState<PhotoPlace[]>([]);
  const [apart, setApart] = useState<Length | null>(null);
  const [one, other, ...places] = clicked;
  useEffect(() => () => void (photo && URL.revokeObjectURL(photo)), [photo]);
  const tell = (next: PhotoPlace[], distance: Length | null) => {
    const [first, second, ...rest] = next;
    onTrace(
      first && second && distance && rest.length > 0 ? fromPhoto([first, second], distance.mm, rest) : null,
    );
  };
  const click = (event: MouseEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const next: PhotoPlace[] = [
      ...clicked,
      [
        ((event.clientX - box.left) / box.width) * size[0],
        ((event.clientY - box.top) / box.height) * size[1],
      ],
    ];
    setClicked(next);
    tell(next, apart);
  };
  const undo = () => {
    const next = clicked.slice(0, -1);
    setClicked(next);
    tell(next, apart);
  };
  return (
    <div className="space-y-3">
      <p className="text-quiet">
        Taken square on, the rule in the plane of the tube. Click two marks of the rule first, then places
        along the tube from end A to end B, closer together where it bends.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <FileButton
          label="a photo of the shape"
          accept="image/*"
          onFile={(file) => {
            setPhoto(URL.createObjectURL(file));
            setClicked([]);
            onTrace(null);
          }}
        >
          <ImageUp aria-hidden="true" className="size-5" />
          {photo ? 'another photo' : 'Choose a photo'}
        </FileButton>
        <QuantityInput<Length>
          label="the two marks are apart"
          kind={lengthKind(style, { above: 0 })}
          value={apart}
          onChange={(next) => {
            setApart(next);
            tell(clicked, next);
          }}
        />
        <Button disabled={clicked.length === 0} onClick={undo}>
          <Undo2 aria-hidden="true" className="size-5" />
          last place back
        </Button>
      </div>
      {photo && (
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
            viewBox={`0 0 ${size[0]} ${size[1]}`}
            className="absolute inset-0 size-full cursor-crosshair"
            onClick={click}
          >
            {one && other && (
              <line
                x1={one[0]}
                y1={one[1]}
                x2={other[0]}
                y2={other[1]}
                className="stroke-chalk"
                strokeWidth={size[0] / 300}
              />
            )}
            <polyline
              points={places.map((at) => at.join(',')).join(' ')}
              fill="none"
              className="stroke-steel"
              strokeWidth={size[0] / 300}
            />
            {clicked.map((at, i) => (
              <circle
                key={i}
                cx={at[0]}
                cy={at[1]}
                r={size[0] / 130}
                className={i < 2 ? 'fill-chalk stroke-ink' : 'fill-steel stroke-sheet'}
                strokeWidth={size[0] / 500}
              />
            ))}
          </svg>
        </div>
      )}
      {photo && (
        <p role="status">
          {clicked.length < 2
            ? `Click ${clicked.length === 0 ? 'the first mark' : 'the second mark'} of the rule.`
            : `${places.length} places along the tube.`}
        </p>
      )}
    </div>
  );
}
