import { type Finding, finding } from '../finding.ts';
import { judgeCatalogue, judgeMeasured } from '../judge.ts';
import { type CheckOf } from '../ruleCheck.ts';
import { type Base, endOf, feetOf, type Subject, tubesOf, waiting } from '../subject.ts';

/** Sheet gussets in the corners of this member: their legs and their sheet. */
export function gussets(check: CheckOf<'gusset'>, { member, cage }: Subject, base: Base): Finding[] {
  const own = cage.plan.gussets.filter(({ between }) => between.some((one) => one.member === member.id));
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
export function splices(check: CheckOf<'splice'>, { member, cage }: Subject, base: Base): Finding[] {
  const error = cage.plan.measuringError.mm;
  return cage.plan.parts.flatMap((part): Finding[] => {
    if (part.kind !== 'splice' || part.on.member !== member.id) return [];
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

/** Tubes of the member's role on its side, or in all where it has no side. */
export function count({ least }: CheckOf<'count'>, subject: Subject, base: Base): Finding[] {
  const { member, cage } = subject;
  // Told once, at the first member of the role.
  if (cage.members.find((one) => one.member.role === member.role)?.member.id !== member.id) return [];
  const all = cage.members.filter((one) => one.member.role === member.role).flatMap(tubesOf);
  const sideOf = (y: number) => (y >= 0 ? 'left' : 'right');
  const sides = new Map<string, number>();
  for (const tube of all) {
    const middle = (endOf(tube, 'a')[1] + endOf(tube, 'b')[1]) / 2;
    sides.set(sideOf(middle), (sides.get(sideOf(middle)) ?? 0) + 1);
  }
  return [...sides].map(([side, found]) =>
    finding({
      ...base,
      key: `${base.key}/${side}`,
      code: 'count',
      status: found >= least ? 'clear' : 'out',
      measured: { count: found },
      limit: { count: least },
      margin: { count: found - least },
      facts: { side: { text: side }, role: { text: member.role } },
    }),
  );
}

/** The front end of each tube against a share of the door opening's height, as surveyed. */
export function openingHeight({ share }: CheckOf<'opening-height'>, subject: Subject, base: Base): Finding[] {
  const { measures } = subject.cage.plan.survey;
  const { doorSill, doorTop } = measures;
  const tubes = tubesOf(subject);
  if (!doorSill || !doorTop || tubes.length === 0) return [waiting('opening-height', base)];
  const error = subject.cage.plan.measuringError.mm;
  const limit = doorSill.mm + share * (doorTop.mm - doorSill.mm);
  return tubes.map((tube) => {
    const end = endOf(tube, 'a')[0] >= endOf(tube, 'b')[0] ? 'a' : 'b';
    // To the tube's upper edge: the strictest reading.
    const height = endOf(tube, end)[2] + tube.od / 2;
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
