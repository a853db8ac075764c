import { itemAt } from '../../items/index.ts';
import {
  boxOf,
  type CopeSetting,
  type CutEnd,
  cutEndsOf,
  type Other,
  roofOf,
  torchPlaces,
  type Tube,
} from '../../cage/index.ts';
import { sweptTube } from '../../cope/index.ts';
import { type BuildProblem, neededBy } from '../order/index.ts';
import { onTheBench } from './onTheBench.ts';
import { type PartFacts, partsOf, type SeamRoom } from './seamParts.ts';
import { type WaysIn, waysIn } from './waysIn.ts';

/** All of a cage that its order of building goes by. Made tubes by their numbers. */
export interface BuildRoom {
  tubes: Tube[];
  ends: CutEnd[][];
  waysIn: WaysIn[];
  seams: SeamRoom[];
  parts: PartFacts[];
  /** The tubes that each stands on by the plan, and not only for the order of fitting. */
  standsOn: number[][];
  /** The plan's own order of fitting; tubes that it does not name come last. */
  order: number[];
  problem: BuildProblem;
}

/** The room round every seam and every tube of a cage, whatever stands when. It takes the ends as they are coped by the plan's order. */
export function buildRoomOf(setting: CopeSetting): BuildRoom {
  const { plan, joints, existing } = setting;
  const tubes = setting.tubes.filter(({ member }) => !existing.has(member));
  const numbers = new Map(tubes.map(({ piece }, i) => [piece, i] as const));
  const numbersOf = (pieces: string[]) => pieces.flatMap((piece) => numbers.get(piece) ?? []);
  const named = numbersOf(plan.fitOrder);
  const order = [...new Set([...named, ...tubes.keys()])];
  const { made } = cutEndsOf(setting);
  const ends = tubes.map(({ piece }) => made.filter(({ tube }) => tube.piece === piece));
  const after = ends.map((own) => [
    ...new Set(numbersOf(own.flatMap(({ headers }) => headers.map(({ piece }) => piece)))),
  ]);
  const bench = onTheBench(tubes, ends);
  const roof = roofOf(plan);
  const needed = neededBy(after);
  const ways = tubes.map((tube, i) => {
    const others = setting.tubes.filter(({ piece }) => {
      const number = numbers.get(piece);
      return piece !== tube.piece && (number === undefined || !after[number]?.includes(i));
    });
    const always = new Set(
      setting.tubes.flatMap(({ piece }) => {
        const number = numbers.get(piece);
        return number === undefined || itemAt(needed, i).has(number) ? [piece] : [];
      }),
    );
    return waysIn(tube, itemAt(ends, i), { others, always, roof: bench[i] ? null : roof });
  });
  const seams = seamsIn(setting, made, numbers);
  const { parts, facts } = partsOf(seams, { numbers, order });
  return {
    tubes,
    ends,
    waysIn: ways,
    seams,
    parts: facts,
    standsOn: tubes.map(({ piece }) =>
      numbersOf(joints.filter((joint) => joint.piece === piece).map(({ header }) => header)),
    ),
    order,
    problem: {
      count: tubes.length,
      bench,
      after,
      ways: ways.map((one) => one.ways.map(({ by }) => numbersOf(by))),
      sprung: ways.map((one) => one.sprung.ways.map(({ by }) => numbersOf(by))),
      loose: ways.map(({ sprung }, tube) =>
        looseOf({ tube, headers: numbersOf(sprung.headers) }, { tubes, seams, order }),
      ),
      parts,
      drops: plan.weldPosition.drop.mm > 0 || plan.weldPosition.forward.mm !== 0,
    },
  };
}

/**
 * Of several headers the one that is fitted last stays loose: but for one that has to be welded first, as the tube will lie over its seam,
 * and for the hoop, which all else stands on. null where the headers are sprung.
 */
function looseOf(
  { tube, headers }: { tube: number; headers: number[] },
  { tubes, seams, order }: { tubes: Tube[]; seams: SeamRoom[]; order: number[] },
): number | null {
  if (headers.length < 2) return null;
  const { piece } = itemAt(tubes, tube);
  const isCovered = (header: number) =>
    seams.some(
      (seam) =>
        seam.tube === header &&
        seam.places.some((place) => place.tubes.some((one) => one.piece === piece && one.over)),
    );
  const canGive = (one: number) =>
    headers.includes(one) && itemAt(tubes, one).role !== 'main-hoop' && !isCovered(one);
  return order.findLast(canGive) ?? null;
}

/** Where a cage is welded: in its place, and let down as the plan has it. */
const IN_PLACE = { forward: 0, drop: 0 };

function seamsIn({ plan, tubes }: CopeSetting, made: CutEnd[], numbers: Map<string, number>): SeamRoom[] {
  const others = tubes.map((tube): Other => ({
    tube,
    surface: sweptTube(tube.axis, tube.od, 'closed'),
    box: boxOf(tube),
    place: 0,
  }));
  const { forward, drop } = plan.weldPosition;
  const positions = [IN_PLACE, { forward: forward.mm, drop: drop.mm }];
  return made.flatMap((end) => {
    const tube = numbers.get(end.tube.piece);
    if (tube === undefined || end.seam === null) return [];
    const places = torchPlaces(plan, { ...end, seam: end.seam }, others, positions);
    return places.length === 0 ? [] : [{ tube, end, length: end.seam.length, places }];
  });
}
