import { tripleOf, itemAt } from '../../items/index.ts';
import { degrees, decided } from '../../measure/index.ts';
import { angleBetween, distance, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type Plan } from '../../plan/index.ts';
import { finding, type Finding, judgeMeasured } from '../../findings/index.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import {
  type FindingOrigin,
  barsOf,
  endsOf,
  pointsOf,
  type RuledMember,
  type Subject,
  waiting,
  type WholeBar,
} from '../subject.ts';
import { movesFoot, upperAndLower } from './ends.ts';

/** What a view does not see. */
const ALONG: Record<'front' | 'side' | 'top', 0 | 1 | 2> = { front: 0, side: 1, top: 2 };

/**
 * Largest distance of an end or corner from the line between the two of them that are farthest apart, as seen. A hoop's feet fall
 * together from the side, and it is straight there all the same. mm
 */
function offStraight(points: Vec3[], view: CheckOf<'straight'>['view']): number {
  const seen = points.map((point): Vec3 =>
    view === 'any' ? point : tripleOf(point, (one, i) => (i === ALONG[view] ? 0 : one)),
  );
  const [from, to] = farthestApart(seen);
  const span = subtract(to, from);
  if (dot(span, span) < 1e-12) return 0;
  const along = unit(span);
  return Math.max(
    ...seen.map((point) => {
      const off = subtract(point, from);
      return length(subtract(off, scale(along, dot(off, along))));
    }),
  );
}

function farthestApart(points: Vec3[]): [Vec3, Vec3] {
  const first = itemAt(points, 0);
  let best: [Vec3, Vec3] = [first, first];
  for (const a of points) for (const b of points) if (distance(a, b) > distance(...best)) best = [a, b];
  return best;
}

/** Each bar against a straight: what a tape cannot tell from straight is looked at. */
export function straight(
  { view }: CheckOf<'straight'>,
  ruled: RuledMember,
  { mm: error }: Plan['measuringError'],
  origin: FindingOrigin,
): Finding[] {
  const bars = barsOf(ruled);
  if (bars.length === 0) return [waiting('straight', origin)];
  return bars.map((bar) => {
    const off = offStraight(pointsOf(bar), view);
    return finding({
      ...origin,
      key: `${origin.key}/${bar.tubes[0].piece}`,
      code: 'not-straight',
      status: decided(off - 0.01) <= 0 ? 'clear' : decided(off - error) <= 0 ? 'look' : 'out',
      measured: { mm: off },
      limit: { mm: 0 },
      margin: { mm: -off },
      remedy: ruled.member.role === 'main-hoop' ? null : { kind: 'straighten', member: ruled.member.id },
      facts: { stamp: { text: stampOf(bar) }, view: { text: view } },
    });
  });
}

const stampOf = ({ tubes }: WholeBar): string => tubes.map(({ stamp }) => stamp).join(' and ');

/** Angle between the line through a bar's ends and the vertical, 0 to 90. */
function fromVertical(bar: WholeBar): number {
  const { a, b } = endsOf(bar);
  const turn = degrees(angleBetween(subtract(b.at, a.at), [0, 0, 1]));
  return Math.min(turn, 180 - turn);
}

/** The line through the ends of each bar against vertical or horizontal. */
export function angle(check: CheckOf<'angle'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const bars = barsOf(subject);
  if (bars.length === 0) return [waiting('angle', origin)];
  const { deg: error } = subject.cage.plan.measuringError;
  return bars.flatMap((bar) => {
    const vertical = fromVertical(bar);
    const measured = check.from === 'vertical' ? vertical : 90 - vertical;
    const judged = (limit: number, margin: number, side: 'least' | 'most'): Finding =>
      finding({
        ...origin,
        key: `${origin.key}/${bar.tubes[0].piece}/${side}`,
        code: 'angle',
        status: judgeMeasured(margin, error),
        measured: { deg: measured },
        limit: { deg: limit },
        margin: { deg: margin },
        remedy: leanRemedy(bar, subject, wantedFromVertical(check.from, limit, side, error)),
        facts: { stamp: { text: stampOf(bar) }, from: { text: check.from }, side: { text: side } },
      });
    return [
      ...(check.least ? [judged(check.least.deg, measured - check.least.deg, 'least')] : []),
      ...(check.most ? [judged(check.most.deg, check.most.deg - measured, 'most')] : []),
    ];
  });
}

/** The angle from vertical that keeps a limit with the protractor's error to spare. */
function wantedFromVertical(
  from: 'vertical' | 'horizontal',
  limit: number,
  side: 'least' | 'most',
  error: number,
): number {
  const kept = side === 'least' ? limit + error : limit - error;
  return from === 'vertical' ? kept : 90 - kept;
}

/** The lower end moved level, in the direction that the tube leans, until the angle is kept. */
function leanRemedy(bar: WholeBar, subject: Subject, wanted: number): Finding['remedy'] {
  const { upper, lower } = upperAndLower(bar);
  const foot = lower.end;
  if (!movesFoot(subject, foot) || wanted <= 0 || wanted >= 90) return null;
  const [low, high] = [lower.at, upper.at];
  const [x, y] = [low[0] - high[0], low[1] - high[1]];
  const run = Math.hypot(x, y);
  if (run < 1) return null;
  // The plan says where the left foot of a pair stands; the right one is its mirror image.
  const hand = bar.side === 'right' ? -1 : 1;
  const further = (high[2] - low[2]) * Math.tan((wanted * Math.PI) / 180) - run;
  return {
    kind: 'move-foot',
    member: subject.member.id,
    end: foot,
    by: [(x / run) * further, (hand * y * further) / run, 0],
  };
}
