import { andThen, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import {
  type Bar,
  type BarShape,
  type CarSide,
  type FrontSection,
  type MemberPiece,
  type Plate,
} from '../../plan/index.ts';
import { add, distance, scale, subtract, type Vec3 } from '../../space/index.ts';
import { frontHoopPath } from '../hoop/own/frontHoop.ts';
import { type Footing, footingOf, type StandingTube } from './attach.ts';
import { mirroredAttachment, mirroredFeature, mirroredPlace, mirroredShape } from './mirror.ts';
import { placeOf } from './place.ts';
import { isSettled, leavingOf, settledEnd } from './settle.ts';
import { type BendRoom, type ChordShape, pulledFurther, shapedPath, type WholePath } from '../shape/index.ts';
import { type FootedPath, splitPath } from './split.ts';

/** One tube of a bar with its path found. Car's frame, mm. */
export interface BarPath extends WholePath {
  piece: MemberPiece;
  side: CarSide | null;
  /** What ends A and B meet. */
  footings: [Footing, Footing];
}

interface SideOfBar {
  side: CarSide | null;
  ends: Bar['ends'];
  shape: BarShape;
}

/** What a bar's path follows from besides the tubes that it stands on. */
interface Surroundings {
  /** Those that its ends name. */
  plates: Plate[];
  /** What its die asks of its bends. */
  room: BendRoom;
  /** The body where a front hoop stands; null where nobody measured it. */
  front: FrontSection | null;
}

/** The tubes of a bar, in the order of its pieces: left before right, and of a split one from end A to end B. */
export function barPaths(bar: Bar, standing: StandingTube[], given: Surroundings): Outcome<BarPath>[] {
  const sides = sidesOf(bar);
  const perSide = bar.pieces.length / sides.length;
  return sides.flatMap((one, i) => {
    const pieces = bar.pieces.slice(i * perSide, (i + 1) * perSide);
    const paths = andThen(wholePath(bar, one, standing, given), (path) =>
      splitPath(path, bar, one.side, standing),
    );
    return pieces.map((piece, part): Outcome<BarPath> =>
      andThen(paths, (parts) => succeed({ ...itemAt(parts, part), piece, side: one.side })),
    );
  });
}

function sidesOf(bar: Bar): SideOfBar[] {
  const { pair, right, ends } = bar;
  const left = { side: pair === 'mirrored' ? ('left' as const) : null, ends, shape: shapeAcross(bar) };
  if (pair !== 'mirrored') return [left];
  return [
    left,
    {
      side: 'right',
      ends: { a: right?.a ?? mirroredAttachment(ends.a), b: right?.b ?? mirroredAttachment(ends.b) },
      shape: right?.shape ?? mirroredShape(bar.shape),
    },
  ];
}

/** A bar across the car runs through its left points and, backwards, through their mirror images. */
function shapeAcross({ pair, shape }: Bar): BarShape {
  if (pair !== 'across' || shape.kind !== 'through') return shape;
  const other = [...shape.via].reverse().map(({ feature, at }) => {
    const there = mirroredFeature(feature);
    return { feature: there === feature ? `${feature}-right` : there, at: mirroredPlace(at) };
  });
  return { ...shape, via: [...shape.via, ...other] };
}

function wholePath(
  bar: Bar,
  one: SideOfBar,
  standing: StandingTube[],
  { plates, room, front }: Surroundings,
): Outcome<FootedPath> {
  const { shape } = one;
  if (shape.kind === 'hoop') return acrossTheCar(frontHoopPath(shape, front, room), bar);
  const between = { ...one, shape };
  return andThen(footingOf(one.ends.a, standing, plates), (a) =>
    andThen(footingOf(one.ends.b, standing, plates), (b) => {
      if (shape.kind === 'through' && shape.via.length === 0 && distance(a.point, b.point) < 1)
        return fail('no-length', '', 'both ends stand at one place: move one of them');
      const met: Met = { path: shapedPath(shape, a.point, b.point, room), footings: [a, b] };
      const stands = [one.ends.a, one.ends.b].some(isSettled)
        ? settle(met, between, bar, standing, { plates, room })
        : met;
      return andThen(stands.path, (shaped) =>
        andThen(
          andThen(furtherPulled(moved(shaped, bar, one.side), bar, room), (bent) => shortened(bent, bar)),
          (whole) => succeed({ ...whole, footings: stands.footings }),
        ),
      );
    }),
  );
}

/** A hoop's feet stand where its own figures put them, on the body. */
const acrossTheCar = (path: Outcome<WholePath>, bar: Bar): Outcome<FootedPath> =>
  andThen(path, (found) =>
    andThen(shortened(moved(found, bar, null), bar), (whole) => {
      const [a, b] = [itemAt(whole.points, 0), itemAt(whole.points, -1)];
      return succeed({ ...whole, footings: [alone(a), alone(b)] });
    }),
  );

const alone = (point: Vec3): Footing => ({ point, headers: [] });

/** A bar's path between its ends, and what they meet. */
interface Met {
  path: Outcome<WholePath>;
  footings: [Footing, Footing];
}

/** An end that moves turns its bar, and a bar that turns moves its ends: so many rounds until neither does. */
const ROUNDS = 12;

/** A bar with ends whose places follow from how it leaves them. */
function settle(
  met: Met,
  { ends, shape }: SideOfBar & { shape: ChordShape },
  { tube }: Bar,
  standing: StandingTube[],
  { plates, room }: Omit<Surroundings, 'front'>,
): Met {
  let now = met;
  for (let round = 0; round < ROUNDS && now.path.ok; round++) {
    const [leavesA, leavesB] = leavingOf(now.path.value.points);
    const given = { od: tube.od.mm, standing, plates };
    const a = settledEnd({ attachment: ends.a, leaves: leavesA, ...given });
    const b = settledEnd({ attachment: ends.b, leaves: leavesB, ...given });
    if (!a.ok) return { ...now, path: a };
    if (!b.ok) return { ...now, path: b };
    now = {
      path: shapedPath(shape, a.value.point, b.value.point, room),
      footings: [a.value, b.value],
    };
  }
  return now;
}

/** Off what it stands on, by the bar's own offset; the right twin goes the other way across. */
function moved(path: WholePath, bar: Bar, side: CarSide | null): WholePath {
  const by = placeOf(side === 'right' ? mirroredPlace(bar.offset) : bar.offset);
  return { ...path, points: path.points.map((point) => add(point, by)) };
}

/** A tube that came with the car with bends pulled further: all beyond them swings, up to the end that moves. */
function furtherPulled(
  path: WholePath,
  { existing, bentAgain, stamp }: Bar,
  room: BendRoom,
): Outcome<WholePath> {
  if (!existing) return succeed(path);
  const radius = (i: number) => path.radii[i] ?? path.bySample?.[i] ?? room.clr;
  return bentAgain.reduce<Outcome<WholePath>>(
    (so, { feature, by, moves }) =>
      andThen(so, (now) => {
        const i = now.features.indexOf(feature);
        if (i < 0) return fail('no-feature', '', `${stamp} has no bend "${feature}" to pull further`);
        const turned = moves === 'a';
        const points = turned ? [...now.points].reverse() : now.points;
        const corner = turned ? points.length - 2 - i : i + 1;
        const beyond = turned ? i - 1 : i + 1;
        const next = beyond >= 0 && beyond < now.features.length ? radius(beyond) : null;
        return andThen(pulledFurther(points, corner, by.deg, { here: radius(i), next }), (bent) =>
          succeed({ ...now, points: turned ? bent.reverse() : bent }),
        );
      }),
    succeed(path),
  );
}

/** An end cut back along its straight. */
function shortened(path: WholePath, { cut, stamp }: Bar): Outcome<WholePath> {
  const points = [...path.points];
  const last = points.length - 1;
  for (const [mm, end, next] of [
    [cut.a.mm, 0, 1],
    [cut.b.mm, last, last - 1],
  ] as const) {
    if (mm === 0) continue;
    const from = itemAt(points, end);
    const toward = subtract(itemAt(points, next), from);
    const straight = distance(itemAt(points, next), from);
    if (mm >= straight)
      return fail(
        'cut-too-long',
        '',
        told`${stamp} is cut by ${{ mm }}, its straight there is ${{ mm: straight }}: cut less, or take the tube out`,
      );
    points[end] = add(from, scale(toward, mm / straight));
  }
  return succeed({ ...path, points });
}
