import { type BodyOutline, type MeasureKey } from '@gyrus/core';

/** The picture of the section, in its own units: the car fits between the fields at the edges. */
export const PICTURE = { width: 900, height: 620 };
const FLOOR = 500;
const TOP = 104;
const HALF = 300;

/** What a picture shows of the section. */
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

/** Boxes stand this far apart, so that none covers another however low the side leans. */
const ROW = 48;
/** From the centre line to the middle of a box, at least. */
const ASIDE = 60;
const FLOOR_ROW = FLOOR - 30;

/** A field on the dimension line it belongs to, or as near as the field below it allows; leans stand outside the car. */
export function fieldPlaces(body: BodyOutline, { at }: PictureView): FieldPlace[] {
  const roof = Math.min(body.left.corner, body.right.corner) * 0.93;
  const across = (half: number, key: MeasureKey, y: number, lineY: number): FieldPlace => {
    const [x] = at(half / 2, 0);
    const centre = PICTURE.width / 2;
    return { key, x: half < 0 ? Math.min(x, centre - ASIDE) : Math.max(x, centre + ASIDE), y, lineY };
  };
  const leanLine = at(0, body.leanHeight)[1];
  const leanRow = Math.min(leanLine, FLOOR_ROW - ROW);
  const roofLine = at(0, roof)[1];
  // Below the crown, so as not to hide the tube, where there is room for it.
  const roofRow = Math.min(roofLine + ROW, leanRow - ROW);
  const heightRow = at(0, Math.max(body.leanHeight, body.headliner * 0.22) / 2)[1];
  const wallRow = Math.min(at(0, (body.leanHeight + roof) / 2)[1], heightRow - 1.6 * ROW);
  return [
    across(-body.left.floor, 'halfWidthFloorLeft', FLOOR_ROW, FLOOR_ROW),
    across(body.right.floor, 'halfWidthFloorRight', FLOOR_ROW, FLOOR_ROW),
    { key: 'leanHeight', x: 70, y: heightRow },
    across(-body.left.lean, 'halfWidthLeanLeft', leanRow, leanLine),
    across(body.right.lean, 'halfWidthLeanRight', leanRow, leanLine),
    across(-body.left.roof, 'halfWidthRoofLeft', roofRow, roofLine),
    across(body.right.roof, 'halfWidthRoofRight', roofRow, roofLine),
    { key: 'headlinerCentre', x: 450, y: 56 },
    { key: 'headlinerCornerLeft', x: 230, y: 56 },
    { key: 'headlinerCornerRight', x: 670, y: 56 },
    { key: 'pillarTilt', x: 830, y: heightRow },
    { key: 'wallLeanLeft', x: 70, y: wallRow },
    { key: 'wallLeanRight', x: 830, y: wallRow },
    { key: 'floorSlopeLeft', x: 70, y: 585 },
    { key: 'landingLeft', x: 220, y: 585 },
    { key: 'doorSill', x: 370, y: 585 },
    { key: 'doorTop', x: 530, y: 585 },
    { key: 'landingRight', x: 680, y: 585 },
    { key: 'floorSlopeRight', x: 830, y: 585 },
  ];
}
