import { type GussetAnswer, type PlateAnswer } from '../cage/index.ts';
import { type Plan } from '../plan/index.ts';
import { add, cross, dot, scale, subtract, unit, type Vec3 } from '../space/index.ts';

/** A plate or a gusset as a drawing shows it: its corners in the car's frame, mm. */
export interface CageSheet {
  stamp: string;
  corners: Vec3[];
}

interface Answers {
  plates: PlateAnswer[];
  gussets: GussetAnswer[];
}

/** Every plate and gusset that has a place, a gusset's twin on the other side too. */
export const sheetsIn = ({ gussets: planned }: Plan, { plates, gussets }: Answers): CageSheet[] => [
  ...plates.flatMap((plate) =>
    plate.at ? [{ stamp: plate.stamp, corners: cornersOf(plate, plate.at) }] : [],
  ),
  ...gussets.flatMap(({ gusset, stamp, shape }) => {
    if (!shape.ok) return [];
    const corners = [...shape.value.corners];
    const twin = planned.find(({ id }) => id === gusset)?.twin ?? false;
    const mirrored = corners.map(([x, y, z]): Vec3 => [x, -y, z]);
    return [{ stamp, corners }, ...(twin ? [{ stamp, corners: mirrored }] : [])];
  }),
];

/** A plate's outline in the car's frame: its first direction forward along the sheet, its second square to that. */
function cornersOf({ outline, normal }: PlateAnswer, at: Vec3): Vec3[] {
  const ahead: Vec3 = Math.abs(normal[0]) > 0.9 ? [0, 0, -1] : [1, 0, 0];
  const along = unit(subtract(ahead, scale(normal, dot(ahead, normal))));
  const across = cross(normal, along);
  return outline.map(([x, y]) => add(at, add(scale(along, x), scale(across, y))));
}
