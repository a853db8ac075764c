import { itemAt } from '../../items/index.ts';
import { type CarSide, type Role } from '../../plan/index.ts';
import { type Finding, finding } from '../../findings/index.ts';
import { type CheckOf, type CountedIn } from '../book/ruleCheck.ts';
import {
  barsOf,
  type FindingOrigin,
  endsOf,
  isFirstOf,
  type RuledCage,
  type RuledMember,
  stampsOf,
  type Subject,
  tubesOf,
  waiting,
  type WholeBar,
} from '../subject.ts';

/** Where bars are counted, with those that are there. */
interface Group {
  /** Of the findings' keys. */
  key: string;
  /** The side of the car; the stamps of the hoop or of the two tubes of a bay; empty for the whole cage. */
  at: string;
  bars: WholeBar[];
}

type Counting = Pick<CheckOf<'count'>, 'of' | 'and'> & { per: CountedIn };

/** Bars of the member's role, counted as the book counts; the parts of a split bar are one. Told at the first member of its role. */
export function count(check: CheckOf<'count'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const { member, cage } = subject;
  if (!isFirstOf([member.role], subject)) return [];
  return counted(cage, member.role, check, check.least, origin, 'count', () => true);
}

/**
 * One tube from end to end: every bar, or so many of the role's bars. A pair is two bars of one length each; a split makes one bar of
 * several lengths.
 */
export function continuous(
  { least, per = 'side-with-any' }: CheckOf<'continuous-tube'>,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const { member, cage } = subject;
  if (least != null)
    return isFirstOf([member.role], subject)
      ? counted(cage, member.role, { per }, least, origin, 'continuous-count', (bar) => bar.continuous)
      : [];
  const bars = member.role !== 'main-hoop' && member.pair === 'mirrored' ? 2 : 1;
  const pieces = member.pieces.length;
  return [
    finding({
      ...origin,
      code: 'continuous-tube',
      status: pieces <= bars ? 'clear' : 'out',
      measured: { count: pieces },
      limit: { count: bars },
      margin: { count: bars - pieces },
    }),
  ];
}

function counted(
  cage: RuledCage,
  role: Role,
  how: Counting,
  least: number,
  origin: FindingOrigin,
  code: 'count' | 'continuous-count',
  counts: (bar: WholeBar) => boolean,
): Finding[] {
  const bars = cage.members.filter(({ member }) => member.role === role).flatMap(barsOf);
  if (bars.length === 0) return [waiting(code === 'count' ? 'count' : 'continuous-tube', origin)];
  const groups = groupsOf(cage, how, bars);
  const facts = { role: { text: role }, per: { text: how.per } };
  if (groups.length === 0)
    return [
      finding({
        ...origin,
        key: `${origin.key}/nowhere`,
        code: 'count-nowhere',
        status: 'out',
        limit: { count: least },
        facts: { ...facts, of: { text: how.of ?? '' }, and: { text: how.and ?? '' } },
      }),
    ];
  return groups.map(({ key, at, bars: own }) => {
    const there = own.filter(counts).length;
    return finding({
      ...origin,
      key: `${origin.key}/${key}`,
      code,
      status: there >= least ? 'clear' : 'out',
      measured: { count: there },
      limit: { count: least },
      margin: { count: there - least },
      facts: { ...facts, side: { text: at } },
    });
  });
}

function groupsOf(cage: RuledCage, { per, of, and }: Counting, bars: WholeBar[]): Group[] {
  switch (per) {
    case 'cage':
      return [{ key: 'cage', at: '', bars }];
    case 'side':
      return (['left', 'right'] as const).map((side) => ofSide(side, bars));
    case 'side-with-any':
      return [...new Set(bars.map(sideOf))].map((side) => ofSide(side, bars));
    case 'hoop':
      return cage.members
        .filter(({ member }) => member.role === of)
        .map((hoop) => ({
          key: hoop.member.id,
          at: stampsOf(hoop),
          bars: between(cage, bars, piecesOf(hoop), piecesOf(hoop)),
        }));
    case 'bay':
      return baysOf(cage, of ?? null, and ?? null).map(([first, second]) => ({
        key: `${first.key}-${second.key}`,
        at: `${first.stamps} and ${second.stamps}`,
        bars: between(cage, bars, first.pieces, second.pieces),
      }));
  }
}

/** The side of the car that a bar's middle is on. */
function sideOf(bar: WholeBar): CarSide {
  const { a, b } = endsOf(bar);
  return a.at[1] + b.at[1] >= 0 ? 'left' : 'right';
}

const ofSide = (side: CarSide, bars: WholeBar[]): Group => ({
  key: side,
  at: side,
  bars: bars.filter((bar) => sideOf(bar) === side),
});

/** The pieces that the two ends of a bar stand on; empty where an end stands on none. */
function standsOn({ joints }: RuledCage, bar: WholeBar): [string, string] {
  const { a, b } = endsOf(bar);
  const under = ({ tube, end }: typeof a) =>
    joints.find((joint) => joint.piece === tube.piece && joint.end === end)?.header ?? '';
  return [under(a), under(b)];
}

const piecesOf = (member: RuledMember): Set<string> => new Set(tubesOf(member).map(({ piece }) => piece));

/** Bars with an end on each of two tubes, told by their pieces; on the same one twice for those that stand in a hoop. */
const between = (cage: RuledCage, bars: WholeBar[], one: Set<string>, other: Set<string>): WholeBar[] =>
  bars.filter((bar) => {
    const [a, b] = standsOn(cage, bar);
    return (one.has(a) && other.has(b)) || (one.has(b) && other.has(a));
  });

/** A tube that bounds a bay, all its lengths together. */
interface Bound {
  key: string;
  stamps: string;
  pieces: Set<string>;
  /** Null for one in the middle of the car, as a hoop is. */
  side: CarSide | null;
}

/** The bounds that the members of a role make: two of a mirrored pair. */
const boundsOf = ({ members }: RuledCage, role: Role | null): Bound[] =>
  members
    .filter(({ member }) => member.role === role)
    .flatMap((one) =>
      barsOf(one).map((bar) => ({
        key: bar.tubes[0].piece,
        stamps: bar.tubes.map(({ stamp }) => stamp).join(' and '),
        pieces: new Set(bar.tubes.map(({ piece }) => piece)),
        side: one.member.role === 'main-hoop' ? null : bar.side,
      })),
    );

/** Each two tubes that bound a bay: twins or neighbours of one role, or one of each role on the same side of the car. */
function baysOf(cage: RuledCage, of: Role | null, and: Role | null): [Bound, Bound][] {
  const first = boundsOf(cage, of);
  if (of === and)
    return first.slice(1).flatMap((one, i) => (isTwin(first[i], one) ? [[itemAt(first, i), one]] : []));
  return first.flatMap((one) =>
    boundsOf(cage, and)
      .filter(({ side }) => one.side === null || side === null || one.side === side)
      .map((other): [Bound, Bound] => [one, other]),
  );
}

/** The right one of one pair and the left one of the next bound no bay. */
const isTwin = (before: Bound | undefined, after: Bound): boolean =>
  before !== undefined && !(before.side === 'right' && after.side === 'left');
