import { itemAt } from '../../items/index.ts';
import { disc, type Point, type Shape, STAMP, stampLabel, textWidth } from '../drawing.ts';

/** Something on a drawing that a stamp names. */
interface Named {
  stamp: string;
  at: Point;
}

/** Nearer together than this on the drawing, things cannot be told apart: they share a label. */
const TOGETHER = 7;
const LINE = STAMP + 8;
const MARGIN = 8;

/** Stamps in the margins of a drawing, each with a leader to what it names; twins that fall together share one. */
export function leaderStamps(things: Named[], width: number, height: number): Shape[] {
  const named = together(things);
  const left = named.filter(({ at }) => at[0] < width / 2);
  const right = named.filter(({ at }) => at[0] >= width / 2);
  return [...columnOf(left, height, 'left', width), ...columnOf(right, height, 'right', width)];
}

function together(things: Named[]): Named[] {
  const found: Named[] = [];
  for (const { stamp, at } of things) {
    const near = found.find((one) => Math.hypot(one.at[0] - at[0], one.at[1] - at[1]) < TOGETHER);
    if (near) near.stamp = near.stamp.split(', ').includes(stamp) ? near.stamp : `${near.stamp}, ${stamp}`;
    else found.push({ stamp, at });
  }
  return found;
}

/** Labels down one margin in the order of what they name, so that no two leaders of a column cross at their labels. */
function columnOf(named: Named[], height: number, side: 'left' | 'right', width: number): Shape[] {
  const sorted = [...named].sort((a, b) => a.at[1] - b.at[1]);
  const heights = spread(
    sorted.map(({ at }) => at[1]),
    height,
  );
  return sorted.flatMap(({ stamp, at }, i) => {
    const half = textWidth(stamp, STAMP) / 2 + 5;
    const y = itemAt(heights, i);
    const x = side === 'left' ? MARGIN + half : width - MARGIN - half;
    const edge: Point = [side === 'left' ? x + half : x - half, y];
    return [
      { kind: 'line', from: edge, to: at, pen: 'leader' } satisfies Shape,
      { kind: 'polygon', points: disc(at, 2.5, 8), pen: 'dimension' } satisfies Shape,
      ...stampLabel([x, y], stamp),
    ];
  });
}

/** Each as near to where it wants to be as the others let it, top down and back up; closer than a line only where there is no room. */
function spread(wanted: number[], height: number): number[] {
  const step = Math.min(LINE, (height - LINE) / Math.max(wanted.length, 1));
  const placed: number[] = [];
  for (const y of wanted) placed.push(Math.max(y, (placed.at(-1) ?? LINE / 2 - step) + step));
  for (let i = placed.length - 1, below = height - LINE / 2 + step; i >= 0; i--) {
    placed[i] = Math.min(itemAt(placed, i), below - step);
    below = itemAt(placed, i);
  }
  return placed;
}
