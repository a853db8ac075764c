import { kept } from '../../kept/index.ts';
import { coveredBy, leastGap, type Seam, sweptTube } from '../../cope/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type CutEnd } from './endCut.ts';
import { boxOfSeam, type Other, type SeamReach, torchIn } from './torch.ts';
import { areApart, boxOf, type Tube } from '../tube.ts';

/** The weld of one end, in the order in which the tubes go on. mm */
export interface SeamAnswer {
  piece: string;
  stamp: string;
  end: 'a' | 'b';
  headers: string[];
  length: number;
  /** Tubes fitted later that go over part of it: it has to be welded before they go on. */
  covered: { piece: string; stamp: string; length: number }[];
  /** The nearest tube beside the joint, where it leaves the torch less than its room. */
  tight: { piece: string; stamp: string; gap: number; /** Fitted after this end. */ later: boolean } | null;
  reach: SeamReach;
}

/** The welds of a cage. */
export interface Seams {
  /** By the fit order. */
  seams: SeamAnswer[];
  /** Of the whole cage. mm */
  seamLength: number;
}

/** Less than this of a seam under another tube is a touch at its edge. mm */
const LEAST_COVERED = 1;

/** Every seam with what covers it later, what crowds it and what the torch cannot reach. order: of fitting, by piece. */
export function seamsOf(plan: Plan, made: CutEnd[], tubes: Tube[], order: Map<string, number>): Seams {
  const torchRoom = plan.coping.torchRoom.mm;
  const reach = torchIn(plan, order);
  const others = tubes.map((tube) => ({
    tube,
    surface: sweptTube(tube.axis, tube.od, 'closed'),
    box: boxOf(tube),
    place: order.get(tube.piece) ?? Infinity,
  }));
  const seams = made
    .flatMap(({ tube, headers, cut, seam }) =>
      seam === null
        ? []
        : [
            {
              place: order.get(tube.piece) ?? Infinity,
              answer: {
                piece: tube.piece,
                stamp: tube.stamp,
                end: cut.end,
                headers: cut.headers,
                length: seam.length,
                ...crowding(tube, headers, seam, others, { order, torchRoom }),
                reach: reach(tube, headers, seam, others),
              },
            },
          ],
    )
    .sort((a, b) => a.place - b.place)
    .map(({ answer }) => answer);
  return { seams, seamLength: seams.reduce((sum, { length }) => sum + length, 0) };
}

/** What crowds a seam, of all tubes but its own: of those that are near enough to. */
function crowding(
  tube: Tube,
  headers: Tube[],
  seam: Seam,
  others: Other[],
  { order, torchRoom }: { order: Map<string, number>; torchRoom: number },
): Crowding {
  const box = boxOfSeam(seam);
  const place = order.get(tube.piece) ?? Infinity;
  const near = others.filter(
    ({ tube: { piece, od }, box: around }) =>
      piece !== tube.piece &&
      !headers.some((header) => header.piece === piece) &&
      !areApart(box, around, torchRoom + od / 2),
  );
  return crowdedBy(
    seam,
    torchRoom,
    near.map((one) => one.tube),
    near.map((one) => one.place > place),
  );
}

type Crowding = Pick<SeamAnswer, 'covered' | 'tight'>;

/** later: which of them are fitted after the seam's own tube. */
const crowdedBy = kept((seam: Seam, torchRoom: number, near: Tube[], later: boolean[]): Crowding => {
  const covered: SeamAnswer['covered'] = [];
  let tight: SeamAnswer['tight'] = null;
  for (const [i, { piece, stamp, axis, od }] of near.entries()) {
    const surface = sweptTube(axis, od, 'closed');
    const gap = leastGap(seam, surface, torchRoom);
    if (gap < 0) {
      const length = later[i] ? coveredBy(seam, surface) : 0;
      if (length >= LEAST_COVERED) covered.push({ piece, stamp, length });
    } else if (gap < (tight?.gap ?? torchRoom)) tight = { piece, stamp, gap, later: later[i] ?? false };
  }
  return { covered, tight };
});
