import { keptPair } from '../../kept/index.ts';
import { arcsIn } from '../../centreline/index.ts';
import { type Finding, finding, judgeCatalogue, judgeMeasured } from '../../findings/index.ts';
import { CATALOGUE, decided } from '../../measure/index.ts';
import { type Plan } from '../../plan/index.ts';
import { sourceOfRule } from '../book/chosen.ts';
import { type Rule, type RuleBook } from '../book/ruleBook.ts';
import { type CheckOf, type RuleCheck } from '../book/ruleCheck.ts';
import {
  barsOf,
  type FindingOrigin,
  originOf,
  type RuledMember,
  stampsOf,
  tubesOf,
  waiting,
} from '../subject.ts';
import { straight } from './geometry.ts';

type Errors = Plan['measuringError'];

const OWN_KINDS = ['least-clr-ratio', 'bends', 'tilt-from-vertical', 'straight'] as const;

/** A check of a member by its own tubes and sheets, and nothing else of the cage. */
export type OwnCheck = CheckOf<(typeof OWN_KINDS)[number]>;

/** Whether a check looks at nothing but the member. */
export const isOwnCheck = (check: RuleCheck): check is OwnCheck =>
  OWN_KINDS.some((kind) => kind === check.kind);

/** What such a check finds, kept as long as member, rule and errors are the same. */
export const checkOwn = keptPair(
  (check: OwnCheck, member: RuledMember, rule: Rule, book: RuleBook, errors: Errors): Finding[] => {
    const origin = originOf(rule, book.id, member, sourceOfRule(book, rule));
    switch (check.kind) {
      case 'least-clr-ratio':
        return clrRatio(check.ratio, member, origin);
      case 'bends':
        return bends(check, member, errors, origin);
      case 'tilt-from-vertical':
        return [tilt(check.most.deg, member, errors, origin)];
      case 'straight':
        return straight(check, member, errors, origin);
    }
  },
);

/** One finding per die: the radius is the die's, a catalogue size. */
function clrRatio(least: number, ruled: RuledMember, origin: FindingOrigin): Finding[] {
  const { member, pieces } = ruled;
  const tubes = pieces.flatMap(({ tube }) => tube ?? []);
  const sheets = pieces.flatMap(({ sheet }) => sheet ?? []);
  if (tubes.length > 0 && tubes.every(({ axis }) => arcsIn(axis).length === 0))
    return [
      finding({
        ...origin,
        code: 'no-bends',
        status: 'clear',
        facts: { stamp: { text: stampsOf(ruled) } },
      }),
    ];
  const bends = sheets.flatMap((sheet) => sheet.bends);
  if (bends.length === 0) return [waiting('clr-ratio', origin)];
  const od = member.tube.od.mm;
  const dies = [...new Map(bends.map((bend) => [bend.die.id, bend.die])).values()];
  return dies.map((die) => {
    const ratio = die.clr.mm / od;
    return finding({
      ...origin,
      key: `${origin.key}/${die.id}`,
      code: 'clr-ratio',
      status: judgeCatalogue(die.clr.mm - least * od),
      measured: { ratio },
      limit: { ratio: least },
      margin: { ratio: Math.abs(die.clr.mm - least * od) <= CATALOGUE ? 0 : ratio - least },
      remedy: { kind: 'radius', clr: least * od },
      facts: { clr: { mm: die.clr.mm } },
    });
  });
}

/** Of the bar with the most bends and the sharpest of all, as the path has them: no die is needed to count them. */
function bends(
  check: CheckOf<'bends'>,
  ruled: RuledMember,
  errors: Errors,
  origin: FindingOrigin,
): Finding[] {
  const bars = barsOf(ruled);
  if (bars.length === 0) return [waiting('bend-count', origin)];
  const found: Finding[] = [];
  if (check.most !== null) {
    const most = Math.max(...bars.map(({ tubes }) => tubes.flatMap(({ axis }) => arcsIn(axis)).length));
    found.push(
      finding({
        ...origin,
        key: `${origin.key}/count`,
        code: 'bend-count',
        status: most <= check.most ? 'clear' : 'out',
        measured: { count: most },
        limit: { count: check.most },
        margin: { count: check.most - most },
        remedy:
          check.most === 0 && ruled.member.role !== 'main-hoop'
            ? { kind: 'straighten', member: ruled.member.id }
            : null,
      }),
    );
  }
  if (check.largestAngle !== null) found.push(largestBend(check.largestAngle.deg, ruled, errors, origin));
  return found;
}

function largestBend(most: number, ruled: RuledMember, errors: Errors, origin: FindingOrigin): Finding {
  const arcs = tubesOf(ruled).flatMap(({ axis, features }) =>
    arcsIn(axis).map(({ angle }, i) => ({ angle, feature: features[i] ?? null })),
  );
  const none: { angle: number; feature: string | null } = { angle: 0, feature: null };
  const sharpest = arcs.reduce((worst, arc) => (arc.angle > worst.angle ? arc : worst), none);
  const margin = most - sharpest.angle;
  return finding({
    ...origin,
    key: `${origin.key}/angle`,
    code: 'bend-angle',
    status: judgeMeasured(margin, errors.deg),
    feature: sharpest.feature,
    measured: { deg: sharpest.angle },
    limit: { deg: most },
    margin: { deg: margin },
  });
}

function tilt(most: number, { hoop, member }: RuledMember, errors: Errors, origin: FindingOrigin): Finding {
  if (!hoop) return waiting('tilt', origin);
  const leaning = decided(Math.abs(hoop.tilt));
  return finding({
    ...origin,
    code: 'tilt',
    status: judgeMeasured(most - leaning, errors.deg),
    measured: { deg: leaning },
    limit: { deg: most },
    margin: { deg: most - leaning },
    remedy: { kind: 'tilt', member: member.id, deg: Math.sign(hoop.tilt) * (most - errors.deg) },
  });
}
