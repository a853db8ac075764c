import { type CarSide } from '../../plan/index.ts';
import { askPerson } from '../askPerson.ts';
import { type Finding, finding } from '../finding.ts';
import { judgeCatalogue, judgeMeasured } from '../judge.ts';
import { type Rule } from '../ruleBook.ts';
import { type CheckOf } from '../ruleCheck.ts';
import {
  type Base,
  barsOf,
  endsOf,
  feetOf,
  isFirstOf,
  noFeet,
  type Subject,
  tubesOf,
  waiting,
  type WholeBar,
} from '../subject.ts';

/** Sheet gussets in the corners of this member: their legs and their sheet. */
export function gussets(check: CheckOf<'gusset'>, { roles }: Rule, subject: Subject, base: Base): Finding[] {
  const { member, cage } = subject;
  const own = cage.plan.gussets.filter(({ between }) => between.some((one) => one.member === member.id));
  if (own.length === 0) {
    const concerned = new Set(
      cage.members.filter((one) => roles.includes(one.member.role)).map((one) => one.member.id),
    );
    const some = cage.plan.gussets.some(({ between }) => between.some((one) => concerned.has(one.member)));
    // No program can tell whether the book wants one: asked once, where there is none at all.
    return some || !isFirstOf(roles, subject)
      ? []
      : [askPerson(cage.plan, { ...base, key: `${base.key}/none` }, 'gusset-none', {})];
  }
  return own.flatMap((gusset): Finding[] => {
    const key = `${base.key}/${gusset.id}`;
    const facts = { stamp: { text: gusset.stamp } };
    const leg = Math.min(gusset.legs[0].mm, gusset.legs[1].mm);
    const error = cage.plan.measuringError.mm;
    const remedy: Finding['remedy'] = {
      kind: 'gusset',
      gusset: gusset.id,
      leg: check.leg ? check.leg.mm + error : 0,
      thickness: check.thickness?.mm ?? 0,
    };
    const common = { ...base, facts, remedy };
    return [
      ...(check.leg
        ? [
            finding({
              ...common,
              key: `${key}/leg`,
              code: 'gusset-leg',
              status: judgeMeasured(leg - check.leg.mm, error),
              measured: { mm: leg },
              limit: { mm: check.leg.mm },
              margin: { mm: leg - check.leg.mm },
            }),
          ]
        : []),
      ...(check.thickness
        ? [
            finding({
              ...common,
              key: `${key}/thickness`,
              code: 'gusset-thickness',
              status: judgeCatalogue(gusset.thickness.mm - check.thickness.mm),
              measured: { mm: gusset.thickness.mm },
              limit: { mm: check.thickness.mm },
              margin: { mm: gusset.thickness.mm - check.thickness.mm },
            }),
          ]
        : []),
    ];
  });
}

/** Splices of this member: the sleeve inside, and the rosettes that hold it. */
export function splices(check: CheckOf<'splice'>, { roles }: Rule, subject: Subject, base: Base): Finding[] {
  const { member, cage } = subject;
  const error = cage.plan.measuringError.mm;
  const own = cage.plan.parts.flatMap((part) =>
    part.kind === 'splice' && part.on.member === member.id ? [part] : [],
  );
  if (own.length === 0)
    return isFirstOf(roles, subject) && !cage.plan.parts.some(({ kind }) => kind === 'splice')
      ? [finding({ ...base, code: 'splice-none', status: 'clear' })]
      : [];
  return own.flatMap((part): Finding[] => {
    const common = {
      ...base,
      facts: { stamp: { text: part.stamp } },
      remedy: {
        kind: 'splice' as const,
        part: part.id,
        sleeve: check.sleeve ? check.sleeve.mm + error : 0,
        rosettes: check.rosettes ?? 0,
      },
    };
    const key = `${base.key}/${part.id}`;
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
export function feetOn({ allowed }: CheckOf<'feet-on'>, subject: Subject, base: Base): Finding[] {
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
  if (tubesOf(subject).length === 0) return [waiting('feet', base)];
  if (feet.length === 0) return [noFeet(subject, base)];
  const stands = [...new Set(feet.map(({ on }) => on))];
  const words = (one: string) => one.replace('-', ' ');
  return stands.map((on) =>
    finding({
      ...base,
      key: `${base.key}/${on}`,
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

/** Bars of the member's role on each side that has any; the parts of a split bar are one. */
export function count({ least }: CheckOf<'count'>, subject: Subject, base: Base): Finding[] {
  const bars = barsOfRole(subject);
  if (bars === null) return [];
  if (bars.size === 0) return [waiting('count', base)];
  return [...bars].map(([side, own]) =>
    finding({
      ...base,
      key: `${base.key}/${side}`,
      code: 'count',
      status: own.length >= least ? 'clear' : 'out',
      measured: { count: own.length },
      limit: { count: least },
      margin: { count: own.length - least },
      facts: { side: { text: side }, role: { text: subject.member.role } },
    }),
  );
}

/** Bars of the member's role by the side of the car that their middle is on; null at all members but the first: told once. */
function barsOfRole({ member, cage }: Subject): Map<CarSide, WholeBar[]> | null {
  const all = cage.members.filter((one) => one.member.role === member.role);
  if (all[0]?.member.id !== member.id) return null;
  const sides = new Map<CarSide, WholeBar[]>();
  for (const bar of all.flatMap(barsOf)) {
    const { a, b } = endsOf(bar);
    const side = a.at[1] + b.at[1] >= 0 ? 'left' : 'right';
    sides.set(side, [...(sides.get(side) ?? []), bar]);
  }
  return sides;
}

/**
 * One tube from end to end: every bar, or so many of the role's bars on each side. A pair is two bars of one length each; a split
 * makes one bar of several lengths.
 */
export function continuous({ least }: CheckOf<'continuous-tube'>, subject: Subject, base: Base): Finding[] {
  if (least != null) return continuousOnEachSide(least, subject, base);
  const { member } = subject;
  const bars = member.role !== 'main-hoop' && member.pair === 'mirrored' ? 2 : 1;
  const pieces = member.pieces.length;
  return [
    finding({
      ...base,
      code: 'continuous-tube',
      status: pieces <= bars ? 'clear' : 'out',
      measured: { count: pieces },
      limit: { count: bars },
      margin: { count: bars - pieces },
    }),
  ];
}

function continuousOnEachSide(least: number, subject: Subject, base: Base): Finding[] {
  const bars = barsOfRole(subject);
  if (bars === null) return [];
  if (bars.size === 0) return [waiting('continuous-tube', base)];
  return [...bars].map(([side, own]) => {
    const whole = own.filter((bar) => bar.continuous).length;
    return finding({
      ...base,
      key: `${base.key}/${side}`,
      code: 'continuous-count',
      status: whole >= least ? 'clear' : 'out',
      measured: { count: whole },
      limit: { count: least },
      margin: { count: whole - least },
      facts: { side: { text: side }, role: { text: subject.member.role } },
    });
  });
}

/** The front end of each bar against a share of the door opening's height, as surveyed. */
export function openingHeight({ share }: CheckOf<'opening-height'>, subject: Subject, base: Base): Finding[] {
  const { measures } = subject.cage.plan.survey;
  const { doorSill, doorTop } = measures;
  const bars = barsOf(subject);
  if (!doorSill || !doorTop || bars.length === 0) return [waiting('opening-height', base)];
  const error = subject.cage.plan.measuringError.mm;
  const limit = doorSill.mm + share * (doorTop.mm - doorSill.mm);
  return bars.map((bar) => {
    const { a, b } = endsOf(bar);
    const { tube, end, at } = a.at[0] >= b.at[0] ? a : b;
    // To the tube's upper edge: the strictest reading.
    const height = at[2] + tube.od / 2;
    const { member } = subject;
    const attached = member.role === 'main-hoop' ? null : member.ends[end];
    return finding({
      ...base,
      key: `${base.key}/${tube.piece}`,
      code: 'opening-height',
      status: judgeMeasured(limit - height, error),
      measured: { mm: height },
      limit: { mm: limit },
      margin: { mm: limit - height },
      remedy:
        attached?.kind === 'height'
          ? { kind: 'slide-end', member: member.id, end, by: limit - height - error }
          : null,
      facts: { stamp: { text: tube.stamp }, axis: { mm: height - tube.od / 2 } },
    });
  });
}
