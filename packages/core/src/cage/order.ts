import { fail, type Outcome, succeed } from '../fault/index.ts';
import { type Attachment, type Member } from '../plan/index.ts';

/** Members in an order in which each comes after those it stands on. A loop is refused with the stamps in it. */
export function byDependence(members: Member[]): Outcome<Member[]> {
  const left = [...members];
  const done = new Set<string>();
  const ids = new Set(members.map((member) => member.id));
  const ordered: Member[] = [];
  while (left.length > 0) {
    const free = left.findIndex((member) => standsOn(member).every((id) => done.has(id) || !ids.has(id)));
    if (free < 0) {
      const stamps = left.map((member) => member.stamp).join(', ');
      return fail(
        'loop',
        '/members',
        `${stamps} stand on each other in a loop: let one of them end at a point or another tube`,
      );
    }
    const [member] = left.splice(free, 1) as [Member];
    done.add(member.id);
    ordered.push(member);
  }
  return succeed(ordered);
}

/** Ids of the members that this one stands on; its own among them makes a loop. */
export function standsOn(member: Member): string[] {
  if (member.role === 'main-hoop') return [];
  const { ends, right, crossings } = member;
  return [
    ...[ends.a, ends.b, right?.a, right?.b].flatMap((end) => (end ? referencesOf(end) : [])),
    ...crossings.flatMap((crossed) => (crossed.goes === 'split' ? [crossed.member] : [])),
  ];
}

function referencesOf(attachment: Attachment): string[] {
  if (attachment.kind === 'station' || attachment.kind === 'height') return [attachment.on.member];
  return attachment.kind === 'joint' ? attachment.of.map((one) => one.member) : [];
}
