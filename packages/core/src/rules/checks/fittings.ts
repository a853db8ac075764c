import { finding, type Finding, judgeMeasured } from '../../findings/index.ts';
import { type Rule } from '../book/ruleBook.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import {
  type FindingOrigin,
  barsOf,
  endsOf,
  feetOf,
  isFirstOf,
  noFeet,
  type Subject,
  tubesOf,
  waiting,
} from '../subject.ts';

/** Splices of this member: the sleeve inside, and the rosettes that hold it. */
export function splices(
  check: CheckOf<'splice'>,
  { roles }: Rule,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const { member, cage } = subject;
  const error = cage.plan.measuringError.mm;
  const own = cage.plan.parts.flatMap((part) =>
    part.kind === 'splice' && part.on.member === member.id ? [part] : [],
  );
  if (own.length === 0)
    return isFirstOf(roles, subject) && !cage.plan.parts.some(({ kind }) => kind === 'splice')
      ? [finding({ ...origin, code: 'splice-none', status: 'clear' })]
      : [];
  return own.flatMap((part): Finding[] => {
    const common = {
      ...origin,
      facts: { stamp: { text: part.stamp } },
      remedy: {
        kind: 'splice' as const,
        part: part.id,
        sleeve: check.sleeve ? check.sleeve.mm + error : 0,
        rosettes: check.rosettes ?? 0,
      },
    };
    const key = `${origin.key}/${part.id}`;
    return [
      ...(check.sleeve
        ? [
            finding({
              ...common,
              key: `${key}/sleeve`,
              code: 'splice-sleeve',
              status: judgeMeasured(part.sleeve.mm - check.sleeve.mm, error),
              measured: { mm: part.sleeve.mm },
              limit: { mm: check.sleeve.mm },
              margin: { mm: part.sleeve.mm - check.sleeve.mm },
            }),
          ]
        : []),
      ...(check.rosettes !== null
        ? [
            finding({
              ...common,
              key: `${key}/rosettes`,
              code: 'splice-rosettes',
              status: part.rosettes >= check.rosettes ? 'clear' : 'out',
              measured: { count: part.rosettes },
              limit: { count: check.rosettes },
              margin: { count: part.rosettes - check.rosettes },
            }),
          ]
        : []),
    ];
  });
}

/** What each foot stands on: what its plate is on, or what the brief says of all feet. */
export function feetOn({ allowed }: CheckOf<'feet-on'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const { cage, member } = subject;
  const feet = tubesOf(subject).flatMap((tube) =>
    feetOf(tube, cage.joints).map((end) => {
      const side = subject.pieces.find(({ piece }) => piece === tube.piece)?.side ?? undefined;
      const plate = cage.plan.plates.find(
        ({ under }) =>
          under?.member === member.id &&
          under.end === end &&
          (under.side === undefined || under.side === side),
      );
      return { tube, end, on: plate?.on ?? cage.plan.brief.feetOn };
    }),
  );
  if (tubesOf(subject).length === 0) return [waiting('feet', origin)];
  if (feet.length === 0) return [noFeet(subject, origin)];
  const stands = [...new Set(feet.map(({ on }) => on))];
  const words = (one: string) => one.replace('-', ' ');
  return stands.map((on) =>
    finding({
      ...origin,
      key: `${origin.key}/${on}`,
      code: 'feet-on',
      status: allowed.includes(on) ? 'clear' : 'out',
      measured: { text: words(on) },
      limit: { text: allowed.map(words).join(' or ') },
      facts: {
        feet: {
          text: feet
            .filter((one) => one.on === on)
            .map(({ tube, end }) => `${tube.stamp} ${end.toUpperCase()}`)
            .join(', '),
        },
      },
    }),
  );
}

/** The front end of each bar against a share of the door opening's height, as surveyed. */
export function openingHeight(
  { share, reading }: CheckOf<'opening-height'>,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const { measures } = subject.cage.plan.survey;
  const { doorSill, doorTop } = measures;
  const bars = barsOf(subject);
  if (!doorSill || !doorTop || bars.length === 0) return [waiting('opening-height', origin)];
  const error = subject.cage.plan.measuringError.mm;
  const limit = doorSill.mm + share * (doorTop.mm - doorSill.mm);
  return bars.map((bar) => {
    const { a, b } = endsOf(bar);
    const { tube, end, at } = a.at[0] >= b.at[0] ? a : b;
    // To the tube's upper edge where the book does not say: the strictest reading.
    const edge = reading ?? 'far';
    const height = at[2] + { axis: 0, near: -tube.od / 2, far: tube.od / 2 }[edge];
    const { member } = subject;
    const attached = member.role === 'main-hoop' ? null : member.ends[end];
    return finding({
      ...origin,
      key: `${origin.key}/${tube.piece}`,
      code: 'opening-height',
      status: judgeMeasured(limit - height, error),
      measured: { mm: height },
      limit: { mm: limit },
      margin: { mm: limit - height },
      remedy:
        attached?.kind === 'height'
          ? { kind: 'slide-end', member: member.id, end, by: limit - height - error }
          : null,
      facts: { stamp: { text: tube.stamp }, axis: { mm: at[2] }, edge: { text: edge } },
    });
  });
}
