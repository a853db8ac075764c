import { itemAt } from '../../items/index.ts';

/** The sections of a body on either side of a place along the car, and how far it lies from the rear one to the front one, 0 to 1. */
export interface Between<S> {
  rear: S;
  front: S;
  share: number;
}

/** The sections that a place lies between; the last one where it lies at most `beyond` past it, null farther off. sorted: rear to front, mm */
export function sectionsAt<S extends { x: number }>(
  sorted: readonly S[],
  x: number,
  beyond: number,
): Between<S> | null {
  if (sorted.length === 0) return null;
  const ahead = sorted.findIndex((one) => one.x >= x);
  const front = ahead < 0 ? itemAt(sorted, -1) : itemAt(sorted, ahead);
  const rear = ahead < 0 ? front : itemAt(sorted, Math.max(ahead - 1, 0));
  if (x > front.x + beyond || x < rear.x - beyond) return null;
  const share = front.x === rear.x ? 0 : Math.min(1, Math.max(0, (x - rear.x) / (front.x - rear.x)));
  return { rear, front, share };
}
