import { andThen, fail, type Outcome, succeed } from '../fault/index.ts';
import { type Attachment, type Bar, type CarSide, type MemberPiece, type Plan } from '../plan/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { type Footing, footingOf, placeOf, type StandingTube } from './attach.ts';
import { mirroredAttachment, mirroredFeature, mirroredPoint } from './mirror.ts';

/** One tube of a bar with its path found. Car's frame, mm. */
export interface BarPath {
  piece: MemberPiece;
  side: CarSide | null;
  points: Vec3[];
  features: string[];
  /** What ends A and B meet. */
  footings: [Footing, Footing];
}

/** The tubes of a bar: itself, or left and right of a pair. Each is placed or says why it is not. */
export function barPaths(bar: Bar, standing: StandingTube[], plan: Plan): Outcome<BarPath>[] {
  const [first, second] = bar.pieces as [MemberPiece, MemberPiece | undefined];
  const own = pathOf(
    first,
    bar.pair === 'mirrored' ? 'left' : null,
    bar.ends,
    viaOf(bar.via),
    standing,
    plan,
  );
  if (bar.pair === 'single' || !second) return [own];
  const ends = {
    a: bar.right?.a ?? mirroredAttachment(bar.ends.a),
    b: bar.right?.b ?? mirroredAttachment(bar.ends.b),
  };
  const via = bar.right?.via
    ? viaOf(bar.right.via)
    : viaOf(bar.via).map(({ feature, at }) => ({ feature: mirroredFeature(feature), at: mirroredPoint(at) }));
  return [own, pathOf(second, 'right', ends, via, standing, plan)];
}

interface Via {
  feature: string;
  at: Vec3;
}

const viaOf = (via: Bar['via']): Via[] => via.map(({ feature, at }) => ({ feature, at: placeOf(at) }));

function pathOf(
  piece: MemberPiece,
  side: CarSide | null,
  ends: { a: Attachment; b: Attachment },
  via: Via[],
  standing: StandingTube[],
  plan: Plan,
): Outcome<BarPath> {
  return andThen(footingOf(ends.a, standing, plan), (a) =>
    andThen(footingOf(ends.b, standing, plan), (b) => {
      if (distance(a.point, b.point) < 1 && via.length === 0)
        return fail('no-length', '', 'both ends stand at one place: move one of them');
      const points = [a.point, ...via.map(({ at }) => at), b.point];
      return succeed({ piece, side, points, features: via.map(({ feature }) => feature), footings: [a, b] });
    }),
  );
}
