/** Something on the picture that has boxes, in the units of the picture. */
interface Spot {
  key: string;
  at: readonly [x: number, y: number];
}

/** Boxes of a spot: the upper left corner of their place in a margin, and who falls together with it. */
export interface Laid {
  key: string;
  at: Spot['at'];
  side: 'left' | 'right';
  x: number;
  y: number;
  /** Keys of the spots that are seen at the same place. */
  twins: string[];
}

/** Nearer than this two spots cannot be told apart. */
const TOGETHER = 9;

/** What the picture leaves for boxes at its sides. */
export interface Margins {
  width: number;
  /** Width and height of one spot's boxes with their caption. */
  box: readonly [number, number];
  /** The picture is at least as high. */
  least: number;
}

/** As high as the picture has to be for the boxes of so many spots. */
export const heightFor = (spots: number, { box, least }: Margins): number =>
  Math.max(least, Math.ceil(spots / 2) * box[1] + box[1] / 2);

/**
 * Boxes down both margins in the order of what they belong to, so that none covers another; each on its own side as far as there is room.
 * height: of the picture.
 */
export function layOut(spots: readonly Spot[], height: number, { width, box }: Margins): Laid[] {
  const groups = together(spots);
  const room = Math.max(1, Math.floor(height / box[1]));
  const byX = [...groups].sort((a, b) => a.at[0] - b.at[0]);
  const wanted = byX.filter(({ at }) => at[0] < width / 2).length;
  const left = Math.min(room, Math.max(wanted, byX.length - room));
  return [
    ...column(byX.slice(0, left), height, box[1]).map((one) => ({ ...one, side: 'left' as const, x: 4 })),
    ...column(byX.slice(left), height, box[1]).map((one) => ({
      ...one,
      side: 'right' as const,
      x: width - 4 - box[0],
    })),
  ];
}

type Group = Pick<Laid, 'key' | 'at' | 'twins'>;

function together(spots: readonly Spot[]): Group[] {
  const groups: Group[] = [];
  for (const { key, at } of spots) {
    const near = groups.find((one) => Math.hypot(one.at[0] - at[0], one.at[1] - at[1]) < TOGETHER);
    if (near) near.twins.push(key);
    else groups.push({ key, at, twins: [] });
  }
  return groups;
}

/** Each as near to the height of its spot as the others let it: top down, and back up where the picture ends. */
function column(groups: Group[], height: number, step: number): (Group & { y: number })[] {
  const sorted = [...groups].sort((a, b) => a.at[1] - b.at[1]);
  const ys: number[] = [];
  for (const { at } of sorted)
    ys.push(Math.max(at[1] - step / 2, ys.length > 0 ? (ys.at(-1) ?? 0) + step : 0));
  for (let i = ys.length - 1, below = height; i >= 0; i--) {
    below = Math.min(ys[i] ?? 0, below - step);
    ys[i] = below;
  }
  return sorted.map((group, i) => ({ ...group, y: ys[i] ?? 0 }));
}
