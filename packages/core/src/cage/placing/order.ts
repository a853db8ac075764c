import { itemAt } from '../../items/index.ts';
import { type Attachment, type Member } from '../../plan/index.ts';

/** Members in an order in which each comes after those it stands on, and those that cannot be ordered. */
export interface Dependence {
  ordered: Member[];
  /** Members that stand on each other in a ring, ring by ring. */
  loops: Member[][];
  /** Members outside the rings that stand on one in a ring, at whatever remove. */
  hanging: Member[];
}

/** Orders members by what they stand on; only what is in a loop or hangs on one is left out. */
export function byDependence(members: Member[]): Dependence {
  const left = [...members];
  const done = new Set<string>();
  const ids = new Set(members.map((member) => member.id));
  const ordered: Member[] = [];
  for (;;) {
    const free = left.findIndex((member) => standsOn(member).every((id) => done.has(id) || !ids.has(id)));
    if (free < 0) break;
    const member = itemAt(left.splice(free, 1), 0);
    done.add(member.id);
    ordered.push(member);
  }
  const loops = loopsIn(left);
  const looped = new Set(loops.flat());
  return { ordered, loops, hanging: left.filter((member) => !looped.has(member)) };
}

/** Members that reach themselves, those that reach each other together. */
function loopsIn(members: Member[]): Member[][] {
  const reach = new Map(members.map((member) => [member.id, allBelow(member, members)] as const));
  const inLoop = members.filter(({ id }) => reach.get(id)?.has(id));
  const loops: Member[][] = [];
  for (const member of inLoop) {
    const own = loops.find(
      ([first]) => first && reach.get(first.id)?.has(member.id) && reach.get(member.id)?.has(first.id),
    );
    if (own) own.push(member);
    else loops.push([member]);
  }
  return loops;
}

/** Ids of everything that a member stands on, at whatever remove. */
export function allBelow(member: Member, members: Member[]): Set<string> {
  const byId = new Map(members.map((one) => [one.id, one] as const));
  const found = new Set<string>();
  const wanted = standsOn(member);
  for (const id of wanted) {
    if (found.has(id)) continue;
    found.add(id);
    const below = byId.get(id);
    if (below) wanted.push(...standsOn(below));
  }
  return found;
}

/** Ids of the members that a member may not stand on: itself, and whatever hangs on it already. */
export const wouldLoop = (id: string, members: Member[]): Set<string> =>
  new Set([id, ...members.filter((member) => allBelow(member, members).has(id)).map((member) => member.id)]);

/** Ids of the members that this one stands on; its own among them makes a loop. */
export function standsOn(member: Member): string[] {
  if (member.role === 'main-hoop') return [];
  const { ends, right, crossings } = member;
  return [
    ...[ends.a, ends.b, right?.a, right?.b].flatMap((end) => (end ? referencesOf(end) : [])),
    ...crossings.flatMap((crossed) => (crossed.goes === 'split' ? [crossed.member] : [])),
  ];
}

/** Ids of the members that an end stands on. */
export function referencesOf(attachment: Attachment): string[] {
  if (attachment.kind === 'station' || attachment.kind === 'height') return [attachment.on.member];
  return attachment.kind === 'joint' ? attachment.of.map((one) => one.member) : [];
}
