import { type BodyOutline, type MeasureKey } from '@gyrus/core';

/** The picture of the section, in its own units: the car fits between the fields at the edges. */
export const PICTURE = { width: 900, height: 620 };
const FLOOR = 500;
const TOP = 104;
const HALF = 300;

export interface PictureView {
  /** Half width, negative on the left, and height in mm → a place on the picture. */
  at: (half: number, height: number) => [number, number];
  scale: number;
}

/** Fits the car's section into the picture. */
export function pictureView({ left, right, headliner }: BodyOutline): PictureView {
  const widest = Math.max(left.floor, left.lean, left.roof, right.floor, right.lean, right.roof);
  const scale = Math.min(HALF / widest, (FLOOR - TOP) / headliner);
  return { scale, at: (half, height) => [PICTURE.width / 2 + half * scale, FLOOR - height * scale] };
}

/** Where the field of a measure stands on the picture. */
export interface FieldPlace {
  key: MeasureKey;
  x: number;
  y: number;
  /** Height of its dimension line on the picture, where that is not the field's own. */
  lineY?: number;
}

/** A field on the dimension line it belongs to; heights and leans stand outside the car. */
export function fieldPlaces(body: BodyOutline, { at }: PictureView): FieldPlace[] {
  const roof = Math.min(body.left.corner, body.right.corner) * 0.93;
  const lean = Math.max(body.leanHeight, body.headliner * 0.22);
  const between = (half: number, height: number, key: MeasureKey): FieldPlace => {
    const [x, y] = at(half / 2, height);
    return { key, x, y };
  };
  const [, leanY] = at(0, lean / 2);
  const [, wallY] = at(0, (lean + roof) / 2);
  return [
    { ...between(-body.left.floor, 0, 'halfWidthFloorLeft'), y: FLOOR - 30 },
    { ...between(body.right.floor, 0, 'halfWidthFloorRight'), y: FLOOR - 30 },
    { key: 'leanHeight', x: 70, y: leanY },
    between(-body.left.lean, lean, 'halfWidthLeanLeft'),
    between(body.right.lean, lean, 'halfWidthLeanRight'),
    underCrown(between(-body.left.roof, roof, 'halfWidthRoofLeft')),
    underCrown(between(body.right.roof, roof, 'halfWidthRoofRight')),
    { key: 'headlinerCentre', x: 450, y: 56 },
    { key: 'headlinerCornerLeft', x: 230, y: 56 },
    { key: 'headlinerCornerRight', x: 670, y: 56 },
    { key: 'wallLeanLeft', x: 70, y: wallY },
    { key: 'wallLeanRight', x: 830, y: wallY },
    { key: 'pillarTilt', x: 830, y: leanY },
    { key: 'floorSlopeLeft', x: 130, y: 585 },
    { key: 'floorSlopeRight', x: 770, y: 585 },
    { key: 'landingLeft', x: 290, y: 585 },
    { key: 'landingRight', x: 610, y: 585 },
  ];
}

/** The roof's width is taken where the crown will be; its field stands below, so as not to hide the tube. */
const underCrown = (place: FieldPlace): FieldPlace => ({ ...place, y: place.y + 46, lineY: place.y });
