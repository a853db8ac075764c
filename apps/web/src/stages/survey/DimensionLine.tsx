import { type bodyOutline, isAngleKey, MEASURES } from '@gyrus/core';
import { type FieldPlace, PICTURE, type PictureView } from './pictureView.ts';

interface LineProps {
  place: FieldPlace;
  view: PictureView;
  body: ReturnType<typeof bodyOutline>;
  lit: boolean;
}

/** From where to where the tape goes; chalk while its field is being filled in. */
export function DimensionLine({ place, view, body, lit }: LineProps) {
  const ends = lineEnds(place, view, body);
  if (!ends) return null;
  const [[x1, y1], [x2, y2]] = ends;
  const tick = x1 === x2 ? { dx: 7, dy: 0 } : { dx: 0, dy: 7 };
  return (
    <g className={lit ? 'stroke-chalk' : 'stroke-quiet'} strokeWidth={lit ? 5 : 1.2}>
      <path d={`M${x1} ${y1}L${x2} ${y2}`} />
      <path d={`M${x1 - tick.dx} ${y1 - tick.dy}L${x1 + tick.dx} ${y1 + tick.dy}`} />
      <path d={`M${x2 - tick.dx} ${y2 - tick.dy}L${x2 + tick.dx} ${y2 + tick.dy}`} />
    </g>
  );
}

type Ends = [[number, number], [number, number]];

function lineEnds(
  { key, x, y, lineY = y }: FieldPlace,
  { at }: PictureView,
  body: LineProps['body'],
): Ends | null {
  const { side } = MEASURES[key];
  const sign = side === 'left' ? -1 : 1;
  const own = side === 'right' ? body.right : body.left;
  const floor = at(0, 0)[1];
  const across = (half: number): Ends => [
    [PICTURE.width / 2, lineY],
    [at(sign * half, 0)[0], lineY],
  ];
  if (key.startsWith('halfWidthFloor')) return across(own.floor);
  if (key.startsWith('halfWidthLean')) return across(own.lean);
  if (key.startsWith('halfWidthRoof')) return across(own.roof);
  if (key === 'leanHeight') {
    const edge = at(-Math.max(body.left.lean, body.left.floor), 0)[0] - 14;
    return [
      [edge, floor],
      [edge, at(0, body.leanHeight)[1]],
    ];
  }
  if (key === 'headlinerCentre')
    return [
      [PICTURE.width / 2, floor],
      [PICTURE.width / 2, at(0, body.headliner)[1]],
    ];
  if (key.startsWith('headlinerCorner')) {
    const corner = at(sign * own.roof * 0.88, own.corner);
    return [[corner[0], floor], corner];
  }
  if (isAngleKey(key) && key.startsWith('wallLean')) {
    const [wallX, wallY] = at(sign * (own.lean + own.roof) * 0.5, (body.leanHeight + own.corner * 0.93) / 2);
    return [
      [x - sign * 46, y],
      [wallX, wallY],
    ];
  }
  return null;
}
