import { type Said } from '../fault/index.ts';
import { degrees, radians } from '../measure/index.ts';
import { type StrapWindow } from './interval.ts';

/** Where a lap belt lies over a hip in side view, at a setting of the seat. mm, x forward, z up */
export interface HipPlace {
  driver: string;
  notch: Said;
  hip: readonly [x: number, z: number];
}

/** Angle of the lap belt from the hip to its anchor, from horizontal, positive down toward the rear. Degrees */
export const lapAngle = (hip: HipPlace['hip'], anchor: readonly [x: number, z: number]): number =>
  degrees(Math.atan2(hip[1] - anchor[1], hip[0] - anchor[0]));

/** Places of an anchor along the car, at its height, that keep every window at every setting of the seat. mm */
export interface LapInterval {
  rear: { x: number; place: HipPlace; window: StrapWindow };
  front: { x: number; place: HipPlace; window: StrapWindow };
  /** front − rear: negative where no place suits all. */
  room: number;
}

/** null without a place or a window, or where a hip is not above the anchor. Windows within 0 to 180 degrees. */
export function lapInterval(places: HipPlace[], windows: StrapWindow[], z: number): LapInterval | null {
  let [rear, front]: [LapInterval['rear'] | null, LapInterval['front'] | null] = [null, null];
  for (const place of places) {
    const down = place.hip[1] - z;
    if (down <= 0) return null;
    // The further back the anchor, the flatter the belt.
    const at = (angle: number) => place.hip[0] - down / Math.tan(radians(Math.max(angle, 1)));
    for (const window of windows) {
      const [back, fore] = [at(window.least), at(window.most)];
      if (rear === null || back > rear.x) rear = { x: back, place, window };
      if (front === null || fore < front.x) front = { x: fore, place, window };
    }
  }
  return rear && front ? { rear, front, room: front.x - rear.x } : null;
}
