import { arcsIn } from '../centreline/index.ts';
import { CATALOGUE, decided } from '../measure/index.ts';
import { continuous, count } from './checks/counts.ts';
import { feetOn, gussets, openingHeight, splices } from './checks/fittings.ts';
import { endDistance } from './checks/ends.ts';
import { angle, straight } from './checks/geometry.ts';
import { lapWindow, strapSpread } from './checks/belts.ts';
import { harnessWindow, helmet, padding } from './checks/people.ts';
import { plates } from './checks/plates.ts';
import { answerTo } from './answerTo.ts';
import { type Finding, finding, judgeCatalogue, judgeMeasured, type RuleSource } from '../findings/index.ts';
import { type Rule } from './ruleBook.ts';
import { type CheckOf } from './ruleCheck.ts';
import {
  type FindingOrigin,
  barsOf,
  isFirstOf,
  stampsOf,
  type Subject,
  tubesOf,
  waiting,
} from './subject.ts';

/** Holds one rule against one member. What cannot be computed yet, or ever, is asked; nothing passes in silence. */
export function checkRule(rule: Rule, bookId: string, subject: Subject, source: RuleSource): Finding[] {
  const origin: FindingOrigin = {
    key: `${bookId}/${rule.id}/${subject.member.id}`,
    member: subject.member.id,
    rule: source,
  };
  const { check } = rule;
  switch (check.kind) {
    case 'least-clr-ratio':
      return clrRatio(check.ratio, subject, origin);
    case 'bends':
      return bends(check, subject, origin);
    case 'continuous-tube':
      return continuous(check, subject, origin);
    case 'tilt-from-vertical':
      return [tilt(check.most.deg, subject, origin)];
    case 'straight':
      return straight(check, subject, origin);
    case 'angle':
      return angle(check, subject, origin);
    case 'end-distance':
      return endDistance(check, subject, origin);
    case 'plate':
      return plates(check, subject, origin);
    case 'opening-height':
      return openingHeight(check, subject, origin);
    case 'helmet':
      return helmet(check, subject, origin);
    case 'harness-window':
      return harnessWindow(check, subject, origin);
    case 'lap-window':
      return lapWindow(check, subject, origin);
    case 'strap-spread':
      return strapSpread(check, subject, origin);
    case 'gusset':
      return gussets(check, rule, subject, origin);
    case 'splice':
      return splices(check, rule, subject, origin);
    case 'feet-on':
      return feetOn(check, subject, origin);
    case 'count':
      return count(check, subject, origin);
    case 'padding':
      return padding(check, subject, origin);
    case 'weld-all-round':
      return weldedAllRound(rule, subject, origin);
    case 'ask':
      return [asked(check.question, subject, origin)];
  }
}

/** One finding per die: the radius is the die's, a catalogue size. */
function clrRatio(least: number, subject: Subject, origin: FindingOrigin): Finding[] {
  const { member, pieces } = subject;
  const tubes = pieces.flatMap(({ tube }) => tube ?? []);
  const sheets = pieces.flatMap(({ sheet }) => sheet ?? []);
  if (tubes.length > 0 && tubes.every(({ axis }) => arcsIn(axis).length === 0))
    return [
      finding({
        ...origin,
        code: 'no-bends',
        status: 'clear',
        facts: { stamp: { text: stampsOf(subject) } },
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
function bends(check: CheckOf<'bends'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const bars = barsOf(subject);
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
          check.most === 0 && subject.member.role !== 'main-hoop'
            ? { kind: 'straighten', member: subject.member.id }
            : null,
      }),
    );
  }
  if (check.largestAngle !== null) found.push(largestBend(check.largestAngle.deg, subject, origin));
  return found;
}

function largestBend(most: number, subject: Subject, origin: FindingOrigin): Finding {
  const arcs = tubesOf(subject).flatMap(({ axis, features }) =>
    arcsIn(axis).map(({ angle }, i) => ({ angle, feature: features[i] ?? null })),
  );
  const none: { angle: number; feature: string | null } = { angle: 0, feature: null };
  const sharpest = arcs.reduce((worst, arc) => (arc.angle > worst.angle ? arc : worst), none);
  const margin = most - sharpest.angle;
  return finding({
    ...origin,
    key: `${origin.key}/angle`,
    code: 'bend-angle',
    status: judgeMeasured(margin, subject.cage.plan.measuringError.deg),
    feature: sharpest.feature,
    measured: { deg: sharpest.angle },
    limit: { deg: most },
    margin: { deg: margin },
  });
}

function tilt(most: number, { hoop, member, cage }: Subject, origin: FindingOrigin): Finding {
  if (!hoop) return waiting('tilt', origin);
  const leaning = decided(Math.abs(hoop.tilt));
  const { deg: error } = cage.plan.measuringError;
  return finding({
    ...origin,
    code: 'tilt',
    status: judgeMeasured(most - leaning, error),
    measured: { deg: leaning },
    limit: { deg: most },
    margin: { deg: most - leaning },
    remedy: { kind: 'tilt', member: member.id, deg: Math.sign(hoop.tilt) * (most - error) },
  });
}

/** Asked once for the whole cage, at the first member that the rule is about; what the torch cannot reach comes with the copes. */
function weldedAllRound({ roles }: Rule, subject: Subject, origin: FindingOrigin): Finding[] {
  return isFirstOf(roles, subject)
    ? [asked('Welded all round, with full penetration?', subject, origin)]
    : [];
}

function asked(question: string, { cage }: Subject, origin: FindingOrigin): Finding {
  const answer = answerTo(cage.plan, origin.key);
  return finding({
    ...origin,
    code: answer ? 'answered' : 'asked',
    status: answer?.status ?? 'ask',
    facts: { question: { text: question }, ...answer?.facts },
  });
}
