import { itemAt } from '../../items/index.ts';
import { angleBetween, subtract } from '../../space/index.ts';
import { degrees } from '../../measure/index.ts';
import { type StandingTube } from '../placing/attach.ts';

/** Two parts of a split bar that do not run on in line where the tube between them goes through. Degrees */
export interface OutOfLine {
  member: string;
  stamps: [string, string];
  angle: number;
}

/** Less than this nobody sees, and it bends nothing. Degrees, common practice */
const SEEN = 3;

/** Parts of split bars that turn by more than is seen. */
export function outOfLine(standing: StandingTube[]): OutOfLine[] {
  return standing.flatMap(({ tube, side }, i): OutOfLine[] => {
    const next = standing
      .slice(i + 1)
      .find((one) => one.tube.member === tube.member && one.side === side)?.tube;
    if (!next) return [];
    const [before, node] = [itemAt(tube.points, -2), itemAt(tube.points, -1)];
    const [start, after] = [itemAt(next.points, 0), itemAt(next.points, 1)];
    const angle = degrees(angleBetween(subtract(node, before), subtract(after, start)));
    return angle > SEEN ? [{ member: tube.member, stamps: [tube.stamp, next.stamp], angle }] : [];
  });
}
