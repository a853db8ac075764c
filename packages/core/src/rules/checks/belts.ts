import {
  guidesOn,
  hipPlaces,
  keptWindows,
  lapInterval,
  lapVerdict,
  worstSpread,
} from '../../harness/index.ts';
import { placeOf } from '../../cage/index.ts';
import { type CarSide, type Occupant } from '../../plan/index.ts';
import { finding, type Finding, judgeMeasured, nearerLimit } from '../../findings/index.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import { type FindingOrigin, strapsOf, type Subject, unseated, waiting } from '../subject.ts';

/** Lap belts of everybody whose anchors are measured, at every setting of the seat: the worst decides. */
export function lapWindow(check: CheckOf<'lap-window'>, { cage }: Subject, origin: FindingOrigin): Finding[] {
  const { occupants, measuringError } = cage.plan;
  if (occupants.length === 0) return [waiting('lap', origin)];
  return occupants.flatMap((person) => {
    if (person.lap.left === null && person.lap.right === null)
      return [waiting('lap', { ...origin, key: `${origin.key}/${person.id}` }, { text: person.name })];
    return (['left', 'right'] as const).map((side) =>
      lapFinding(check, person, side, measuringError.deg, origin),
    );
  });
}

function lapFinding(
  { least, most }: CheckOf<'lap-window'>,
  person: Occupant,
  side: CarSide,
  error: number,
  origin: FindingOrigin,
): Finding {
  const given = person.lap[side];
  const hips = hipPlaces(person);
  if (!given || hips.length === 0)
    return waiting(
      given ? 'lap-hip' : `lap-${side}`,
      { ...origin, key: `${origin.key}/${person.id}/${side}` },
      { text: person.name },
    );
  const [x, y, z] = placeOf(given);
  const asked = { book: '', least: least.deg, most: most.deg };
  const { place, angle, margin, status } = lapVerdict(hips, [x, y, z], asked, error);
  // Along the car, at its height, to where every setting keeps the window with the protractor's error to spare.
  const kept = lapInterval(hips, keptWindows([asked], error), z);
  return finding({
    ...origin,
    key: `${origin.key}/${person.id}/${side}`,
    code: 'lap-angle',
    status,
    measured: { deg: angle },
    limit: { deg: nearerLimit(asked, angle) },
    margin: { deg: margin },
    remedy:
      kept && kept.room >= 0
        ? {
            kind: 'lap-anchor',
            occupant: person.id,
            side,
            by: Math.min(Math.max(x, kept.rear.x), kept.front.x) - x,
          }
        : null,
    facts: { who: { text: person.name }, side: { text: side }, notch: { said: place.notch } },
  });
}

/** How far the straps spread or close behind each seat, seen from above: to the guides, or straight back without any. */
export function strapSpread(
  { most }: CheckOf<'strap-spread'>,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const { cage, member } = subject;
  const straps = strapsOf(subject);
  if (!straps || cage.plan.occupants.length === 0) return [waiting('strap-spread', origin)];
  const guides = guidesOn(cage.plan, cage.parts, member.id);
  const found = straps.seats.map(({ person, tube }) => {
    const worst = worstSpread(person, tube, guides);
    const margin = most.deg - worst.spread;
    return finding({
      ...origin,
      key: `${origin.key}/${person.id}`,
      code: 'strap-spread',
      status: judgeMeasured(margin, cage.plan.measuringError.deg),
      measured: { deg: worst.spread },
      limit: { deg: most.deg },
      margin: { deg: margin },
      remedy: guidesRemedy(person, subject),
      facts: {
        who: { text: person.name },
        side: { text: worst.side },
        stamp: { text: tube.stamp },
        notch: { said: worst.notch },
      },
    });
  });
  return [...found, ...unseated(subject, 'strap-spread', origin)];
}

/** The guides behind somebody, moved along the bar and set as far apart as the slots. */
function guidesRemedy(person: Occupant, { cage, member }: Subject): Finding['remedy'] {
  const y = person.shoulder ? placeOf(person.shoulder)[1] : 0;
  const own = cage.plan.parts.flatMap((part) => {
    const answer = cage.parts.find((one) => one.part === part.id)?.answer;
    return part.kind === 'belt-guide' && part.on.member === member.id && answer?.ok
      ? [{ part, points: answer.value.points }]
      : [];
  });
  const nearest = own
    .map(({ part, points }) => ({
      part,
      // Along the bar from end A the car is crossed one way or the other.
      sign: Math.sign((points.at(-1)?.[1] ?? 0) - (points[0]?.[1] ?? 0)),
      middle: points.reduce((sum, at) => sum + at[1], 0) / Math.max(points.length, 1),
    }))
    .sort((a, b) => Math.abs(a.middle - y) - Math.abs(b.middle - y))[0];
  if (!nearest) return null;
  return {
    kind: 'guides',
    part: nearest.part.id,
    by: nearest.sign * (y - nearest.middle),
    apart: person.slotsApart.mm,
  };
}
