import { type ResolvedMember } from '../cage/index.ts';
import { type Assumed } from '../known/index.ts';
import { underHoop } from '../occupant/index.ts';
import { type JobLimit, type Plan } from '../plan/index.ts';
import { type Finding, finding } from './finding.ts';
import { judgeMeasured } from './judge.ts';
import { resting } from './resting.ts';

/** The rules that a builder set for the job, against the hoop as it stands; what cannot be computed yet asks. */
export function limitFindings(plan: Plan, members: ResolvedMember[], assumed: Assumed): Finding[] {
  const hoop = members.find(({ member }) => member.role === 'main-hoop');
  return plan.limits.map((limit) => {
    const value = hoop ? valueOf(limit, hoop, plan) : null;
    const common = {
      key: `job-limit/${limit.id}`,
      code: 'job-limit' as const,
      member: hoop?.member.id ?? null,
      limit: { mm: limit.length.mm },
      facts: { figure: { text: limit.figure }, bound: { text: limit.bound } },
    };
    if (value === null) return finding({ ...common, status: 'ask' });
    const margin = limit.bound === 'most' ? limit.length.mm - value : value - limit.length.mm;
    const found = finding({
      ...common,
      status: judgeMeasured(margin, plan.measuringError.mm),
      measured: { mm: value },
      margin: { mm: margin },
    });
    const people = limit.figure === 'crown-over-helmet' ? plan.occupants : [];
    return resting(found, [
      ...assumed.ofRecord(limit.id),
      ...(hoop ? assumed.ofMember(hoop.member.id) : []),
      ...people.flatMap(({ id }) => assumed.ofRecord(id, ['helmetTop', 'travel'])),
    ]);
  });
}

/** mm; null where the hoop does not stand, or no helmet was measured. */
function valueOf({ figure }: JobLimit, { hoop, pieces }: ResolvedMember, { occupants }: Plan): number | null {
  if (!hoop || !('hoop' in hoop)) return null;
  const { figures } = hoop.hoop;
  switch (figure) {
    case 'feet-outside':
      return figures.feetOutside.value;
    case 'feet-apart':
      return figures.feetApart.value;
    case 'corners-apart':
      return figures.cornersApart.value;
    case 'crown-height':
      return figures.crownHeight.value;
    case 'crown-over-helmet': {
      const tube = pieces[0]?.tube;
      const over = tube?.ok
        ? occupants.flatMap((person) => underHoop(person, tube.value, [])?.belowTop.mm ?? [])
        : [];
      return over.length > 0 ? Math.min(...over) : null;
    }
  }
}
