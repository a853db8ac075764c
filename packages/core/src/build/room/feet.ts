import { type End, type EndCut } from '../../cage/index.ts';
import { type Attachment, type Plan } from '../../plan/index.ts';

/** What an end that is coped to no tube is on: a plate, the car itself, or nothing that anybody named. */
export type Foot = 'plate' | 'car' | 'nothing';

/** What an end stands on; null where it is coped to tubes. */
export function footOf({ members }: Pick<Plan, 'members'>, cut: EndCut): Foot | null {
  if (cut.headers.length > 0) return null;
  if (cut.plate !== null) return 'plate';
  const member = members.find(({ id }) => id === cut.member);
  const right = member && 'right' in member ? member.right : null;
  const named = [member?.ends[cut.end], right?.[cut.end]];
  return named.some((one) => one && ON_THE_CAR.includes(one.kind)) ? 'car' : 'nothing';
}

const ON_THE_CAR: Attachment['kind'][] = ['landing', 'plate', 'panel'];

/** Ends that nothing is welded to. */
export const openEnds = (plan: Pick<Plan, 'members'>, cuts: readonly EndCut[]): End[] =>
  cuts.filter((cut) => footOf(plan, cut) === 'nothing').map(({ end }) => end);
