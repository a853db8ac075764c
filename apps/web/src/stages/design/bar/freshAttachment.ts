import {
  assumed,
  type Attachment,
  endFeatures,
  type Length,
  type Member,
  type Plan,
  type Vec3,
  wholeMillimetres,
} from '@gyrus/core';

/** What an end can be put on; the hoop's landings are its own. */
export type AttachmentKind = Exclude<Attachment['kind'], 'landing'>;

const AT_THE_FEATURE: Length = { mm: 0, typed: '0' };

/**
 * An end put on something else, as near to where it stands now as can be said; null where the plan has nothing of that kind.
 * headers: the members that it may stand on. at: where the end is now, mm in the car's frame.
 */
export function freshAttachment(
  kind: AttachmentKind,
  at: Vec3,
  headers: readonly Member[],
  plan: Plan,
): Attachment | null {
  const [first, second = first] = headers;
  const place = assumed<[Length, Length, Length]>([
    wholeMillimetres(at[0]),
    wholeMillimetres(at[1]),
    wholeMillimetres(at[2]),
  ]);
  const [plate] = plan.plates;
  const [panel] = plan.survey.planes;
  switch (kind) {
    case 'point':
      return { kind, at: place };
    case 'panel':
      return panel ? { kind, panel: panel.id, at: place } : null;
    case 'plate':
      return plate ? { kind, plate: plate.id } : null;
    case 'joint':
      return first && second ? { kind, of: [onMember(first), onMember(second)] } : null;
    case 'height': {
      if (!first) return null;
      const on = { ...onMember(first), side: at[1] >= 0 ? ('left' as const) : ('right' as const) };
      return { kind, on, height: wholeMillimetres(at[2]), aside: null };
    }
    case 'station': {
      if (!first) return null;
      const [feature] = endFeatures(first);
      const station = { feature, edge: 'middle' as const, along: AT_THE_FEATURE };
      return { kind, on: onMember(first), station, to: 'axis', aside: null };
    }
  }
}

/** Twins are told apart by their side. */
const onMember = (member: Member) =>
  member.role !== 'main-hoop' && member.pair === 'mirrored'
    ? { member: member.id, side: 'left' as const }
    : { member: member.id };
