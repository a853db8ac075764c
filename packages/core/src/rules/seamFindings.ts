import { type Copes, type SeamAnswer } from '../cage/index.ts';
import { decided } from '../measure/index.ts';
import { type Assumed, type AssumedThing, assumedIn } from '../known/index.ts';
import { type Plan } from '../plan/index.ts';
import {
  conditional,
  type Finding,
  finding,
  resting,
  type RuleSource,
  type Status,
} from '../findings/index.ts';
import { rulesOfKind, undecided } from './book/chosen.ts';
import { type RuleBook } from './book/ruleBook.ts';

/** The body over the cage, where no section of it was measured: what stands under it cannot be called reached. */
const UNKNOWN_ROOF: AssumedThing = {
  name: { of: 'roof', name: '', role: null, side: null, what: '', standsFor: 'car' },
  id: '',
  figures: [],
  leftOut: true,
};

interface Limit {
  gussetShare: number | null;
  key: string;
  source: RuleSource | null;
}

/**
 * How much of each member's seams the torch cannot reach: its worst seam, against the share that a book lets gussets replace.
 * Within the share it is still a matter of fitting those gussets. Without a book what is out of reach is told all the same.
 */
export function seamFindings(plan: Plan, copes: Copes, books: RuleBook[]): Finding[] {
  const rules = rulesOfKind(plan, books, 'weld-all-round');
  const assumed = assumedIn(plan);
  const found = rules.flatMap(({ rule, check, source }) => {
    const limit = { gussetShare: check.gussetShare, key: `${source.book}/${rule.id}`, source };
    return plan.members
      .filter(({ role }) => rule.roles.includes(role))
      .flatMap(({ id }) => reachOf(assumed, id, copes, limit))
      .map((one) => conditional(one, undecided(rule, plan.brief)));
  });
  const ruled = new Set(rules.flatMap(({ rule }) => rule.roles));
  const others = plan.members.filter(({ role }) => !ruled.has(role));
  const bare = { gussetShare: null, key: 'seam', source: null };
  const besides = others.flatMap(({ id }) => reachOf(assumed, id, copes, bare));
  const unknown = besides.some(({ restsOn }) => restsOn.some(({ of }) => of === 'roof'));
  return [
    ...found,
    ...besides.filter(({ status }) => status === 'look'),
    // Said once for all of them: no rule asks it of each.
    ...(unknown ? [finding({ key: 'seam/roof-unknown', code: 'roof-unknown', status: 'ask' })] : []),
  ];
}

/** The worst seam of a member; empty where it has none. */
function reachOf(assumed: Assumed, member: string, { seams, ends }: Copes, limit: Limit): Finding[] {
  const pieces = new Set(ends.filter((cut) => cut.member === member).map(({ piece }) => piece));
  const own = seams.filter(({ piece, length }) => pieces.has(piece) && length > 0);
  const [first, ...more] = own;
  if (!first) return [];
  const worst = more.reduce((most, one) => (shareOf(one) > shareOf(most) ? one : most), first);
  const share = shareOf(worst);
  const found = finding({
    key: `${limit.key}/${member}/reach`,
    code: 'seam-reach',
    status: judged(share, limit.gussetShare),
    member,
    rule: limit.source,
    measured: { ratio: share },
    limit: limit.gussetShare === null ? null : { ratio: limit.gussetShare },
    margin: limit.gussetShare === null ? null : { ratio: limit.gussetShare - share },
    remedy: worst.reach.drop > 0 ? { kind: 'weld-drop', by: worst.reach.drop } : null,
    facts: {
      stamp: { text: worst.stamp },
      end: { text: worst.end.toUpperCase() },
      hidden: { mm: worst.reach.hidden },
      length: { mm: worst.length },
    },
  });
  const sections = assumed.things.filter(({ name }) => name.of === 'section');
  const roof = own.every(({ reach }) => reach.roofKnown) ? [] : [UNKNOWN_ROOF];
  return [resting(found, [...roof, ...sections, ...assumed.ofMember(member)])];
}

const shareOf = ({ reach, length }: SeamAnswer): number => reach.hidden / length;

function judged(share: number, most: number | null): Status {
  if (decided(share) <= 0) return 'clear';
  return most !== null && decided(share - most) > 0 ? 'out' : 'look';
}
