import { crossingsOf, directionAt, pointOn } from '../../centreline/index.ts';
import { degrees } from '../../measure/index.ts';
import { type Plan } from '../../plan/index.ts';
import {
  add,
  angleBetween,
  distance,
  dot,
  length,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../../space/index.ts';
import { placeOf } from '../placing/place.ts';
import { type Tube } from '../tube.ts';

/** A hole for a bar that passes through a panel. Car's frame, mm and degrees. */
export interface PanelHole {
  panel: string;
  name: string;
  stamp: string;
  piece: string;
  /** Where the axis passes. */
  at: Vec3;
  /** Between the tube and the square to the panel. */
  slant: number;
  /** The ellipse that the tube cuts: its OD across, longer along the slant. */
  width: number;
  length: number;
  /** Where the axis passes with the cage moved to weld, and how long the hole becomes to allow it; null where it does not move. */
  slid: { at: Vec3; slot: number } | null;
}

/** A tube that runs nearly along a panel makes a slit, not a hole: not counted. Degrees from square. */
const ALONG = 85;

/** Holes of all tubes through all panels, for the final place and for the place moved to weld. */
export function panelHolesOf({ survey, weldPosition }: Plan, tubes: Tube[]): PanelHole[] {
  const move: Vec3 = [weldPosition.forward.mm, 0, -weldPosition.drop.mm];
  return survey.planes.flatMap((plane) => {
    const at = placeOf(plane.at);
    const given = placeOf(plane.normal);
    if (length(given) === 0) return [];
    const normal = unit(given);
    const reach = plane.reach?.mm ?? Infinity;
    const off = (point: Vec3) => dot(subtract(point, at), normal);
    return tubes.flatMap((tube) =>
      crossingsOf(tube.axis, off).flatMap((along): PanelHole[] => {
        const place = pointOn(tube.axis, along);
        const axis = directionAt(tube.axis, along);
        const turn = degrees(angleBetween(axis, normal));
        const slant = Math.min(turn, 180 - turn);
        if (distance(place, at) > reach || slant > ALONG) return [];
        const long = tube.od / Math.abs(dot(axis, normal));
        return [
          {
            panel: plane.id,
            name: plane.name,
            stamp: tube.stamp,
            piece: tube.piece,
            at: place,
            slant,
            width: tube.od,
            length: long,
            slid: length(move) === 0 ? null : slidHole(place, axis, normal, move, long),
          },
        ];
      }),
    );
  });
}

/** The moved axis passes the panel elsewhere: the slot reaches from the one place to the other. */
function slidHole(place: Vec3, axis: Vec3, normal: Vec3, move: Vec3, long: number) {
  const within = subtract(move, scale(axis, dot(move, normal) / dot(axis, normal)));
  return { at: add(place, within), slot: long + length(within) };
}
