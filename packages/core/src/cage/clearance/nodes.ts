import { itemAt } from '../../items/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type Tube } from '../tube.ts';

/** A place where tubes end or meet, to set the frame up by. Car's frame, mm. */
export interface Node {
  name: string;
  at: Vec3;
  stamps: string[];
  /** From the table to the underside of the thickest tube there: what a stand is set to. */
  standHeight: number;
}

/** Ends nearer than this are one node. mm */
const ONE_NODE = 5;

/** The ends of all tubes, those at one place together, from the floor up and the front back. */
export function nodesOf(tubes: Tube[]): Node[] {
  const groups: { at: Vec3; tubes: Tube[] }[] = [];
  for (const tube of tubes)
    for (const at of [itemAt(tube.points, 0), itemAt(tube.points, -1)]) {
      const group = groups.find((one) => distance(one.at, at) < ONE_NODE);
      if (group) group.tubes.push(tube);
      else groups.push({ at, tubes: [tube] });
    }
  const byPlace = (a: { at: Vec3 }, b: { at: Vec3 }) =>
    Math.round(a.at[2] - b.at[2]) || Math.round(b.at[0] - a.at[0]) || Math.round(b.at[1] - a.at[1]);
  return groups.sort(byPlace).map(({ at, tubes: meeting }, i) => ({
    name: `N${i + 1}`,
    at,
    stamps: [...new Set(meeting.map((tube) => tube.stamp))],
    standHeight: at[2] - Math.max(...meeting.map((tube) => tube.od)) / 2,
  }));
}
