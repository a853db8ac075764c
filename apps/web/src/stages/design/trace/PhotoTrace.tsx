import { fromPhoto, type Length, type Outcome, type PhotoPlace, type TracedPoint } from '@gyrus/core';
import { ImageUp, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { FileButton } from '../../../shared/fields/FileButton.tsx';
import { lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { PhotoPlaces } from './PhotoPlaces.tsx';

interface PhotoTraceProps {
  onTrace: (trace: Outcome<readonly TracedPoint[]> | null) => void;
}

/** A photo, what was clicked on it, and how far its two marks are apart; what follows is told at once. */
function usePhoto(onTrace: PhotoTraceProps['onTrace']) {
  const [photo, setPhoto] = useState<string | null>(null);
  const [clicked, setClicked] = useState<PhotoPlace[]>([]);
  const [apart, setApart] = useState<Length | null>(null);
  useEffect(() => () => void (photo && URL.revokeObjectURL(photo)), [photo]);
  const tell = (next: PhotoPlace[], distance: Length | null) => {
    setClicked(next);
    setApart(distance);
    const [first, second, ...places] = next;
    const known = first && second && distance && places.length > 0;
    onTrace(known ? fromPhoto([first, second], distance.mm, places) : null);
  };
  return {
    photo,
    clicked,
    apart,
    choose: (file: File) => {
      setPhoto(URL.createObjectURL(file));
      tell([], apart);
    },
    click: (at: PhotoPlace) => tell([...clicked, at], apart),
    back: () => tell(clicked.slice(0, -1), apart),
    setApart: (distance: Length | null) => tell(clicked, distance),
  };
}

/** Places clicked on a photo: two marks of known distance first, then along the tube from end A to end B. */
export function PhotoTrace({ onTrace }: PhotoTraceProps) {
  const style = useJobStyle();
  const { photo, clicked, apart, choose, click, back, setApart } = usePhoto(onTrace);
  const asked =
    clicked.length < 2
      ? `Click the ${clicked.length === 0 ? 'first' : 'second'} mark of the rule.`
      : `${clicked.length - 2} places along the tube.`;
  return (
    <div className="space-y-3">
      <p className="text-quiet">
        Taken square on, the rule in the plane of the tube. Click two marks of the rule first, then places
        along the tube from end A to end B, closer together where it bends.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <FileButton label="a photo of the shape" accept="image/*" onFile={choose}>
          <ImageUp aria-hidden="true" className="size-5" />
          {photo ? 'another photo' : 'Choose a photo'}
        </FileButton>
        <QuantityInput<Length>
          label="the two marks are apart"
          kind={lengthKind(style, { above: 0 })}
          value={apart}
          onChange={setApart}
        />
        <Button disabled={clicked.length === 0} onClick={back}>
          <Undo2 aria-hidden="true" className="size-5" />
          last place back
        </Button>
      </div>
      {photo && <PhotoPlaces photo={photo} clicked={clicked} onClick={click} />}
      {photo && <p role="status">{asked}</p>}
    </div>
  );
}
