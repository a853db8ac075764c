import { type BendSheet } from '../cage/index.ts';
import { CATALOGUE, decided } from '../measure/index.ts';
import { count, feetOn, gussets, openingHeight, splices } from './checks/counted.ts';
import { endDistance } from './checks/ends.ts';
import { angle, straight } from './checks/geometry.ts';
import { lapWindow, strapSpread } from './checks/belts.ts';
import { harnessWindow, helmet, padding } from './checks/people.ts';
import { plates } from './checks/plates.ts';
import { type Finding, finding, type RuleSource } from './finding.ts';
import { judgeCatalogue, judgeMeasured } from './judge.ts';
import { type Rule } from './ruleBook.ts';
import { type CheckOf } from './ruleCheck.ts';
import { type Base, type Subject, waiting } from './subject.ts';

/** Holds one rule against one member. What cannot be computed yet, or ever, is asked; nothing passes in silence. */
export function checkRule(rule: Rule, bookId: string, subject: Subject, source: RuleSource): Finding[] {
  const base: Base = {
    key: `${bookId}/${rule.id}/${subject.member.id}`,
    member: subject.member.id,
    rule: source,
  };
  const { check } = rule;
  switch (check.kind) {
    case 'least-clr-ratio':
      return clrRatio(check.ratio, subject, base);
    case 'bends':
      return bends(check, subject, base);
    case 'continuous-tube':
      return [continuous(subject, base)];
    case 'tilt-from-vertical':
      return [tilt(check.most.deg, subject, base)];
    case 'straight':
      return straight(check, subject, base);
    case 'angle':
      return angle(check, subject, base);
    case 'end-distance':
      return endDistance(check, subject, base);
    case 'plate':
      return plates(check, subject, base);
    case 'opening-height':
      return openingHeight(check, subject, base);
    case 'helmet':
      return helmet(check, subject, base);
    case 'harness-window':
      return harnessWindow(check, subject, base);
    case 'lap-window':
      return lapWindow(check, subject, base);
    case 'strap-spread':
      return strapSpread(check, subject, base);
    case 'gusset':
      return gussets(check, subject, base);
    case 'splice':
      return splices(check, subject, base);
    case 'feet-on':
      return feetOn(check, subject, base);
    case 'count':
      return count(check, subject, base);
    case 'padding':
      return padding(check, subject, base);
    case 'weld-all-round':
      return weldedAllRound(rule, subject, base);
    case 'ask':
      return [asked(check.question, subject, base)];
  }
}

/** One finding per die: the radius is the die's, a catalogue size. */
function clrRatio(least: number, { member, pieces }: Subject, base: Base): Finding[] {
  const sheets = pieces.flatMap(({ sheet }) => sheet ?? []);
  if (sheets.length === 0) return [waiting('clr-ratio', base)];
  const od = member.tube.od.mm;
  const bends = sheets.flatMap((sheet) => sheet.bends);
  const dies = [...new Map(bends.map((bend) => [bend.die.id, bend.die])).values()];
  return dies.map((die) => {
    const ratio = die.clr.mm / od;
    return finding({
      ...base,
      key: `${base.key}/${die.id}`,
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

/** Of the piece with the most bends and the sharpest of all. */
function bends(check: CheckOf<'bends'>, subject: Subject, base: Base): Finding[] {
  const sheets = subject.pieces.flatMap(({ sheet }) => sheet ?? []);
  const counts = subject.hoop
    ? [subject.hoop.features.length]
    : subject.pieces.flatMap(({ tube }) => (tube ? [tube.features.length] : []));
  if (counts.length === 0) return [waiting('bend-count', base)];
  const most = Math.max(...counts);
  const found: Finding[] = [];
  if (check.most !== null) {
    found.push(
      finding({
        ...base,
        key: `${base.key}/count`,
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
  if (check.largestAngle !== null)
    found.push(...largestBend(check.largestAngle.deg, sheets, most, subject, base));
  return found;
}

function largestBend(
  most: number,
  sheets: BendSheet[],
  count: number,
  { cage }: Subject,
  base: Base,
): Finding[] {
  if (count === 0) return [];
  const bends = sheets.flatMap((sheet) => sheet.bends);
  if (bends.length === 0) return [waiting('bend-angle', base)];
  const sharpest = bends.reduce((worst, bend) => (bend.angle > worst.angle ? bend : worst));
  const margin = most - sharpest.angle;
  return [
    finding({
      ...base,
      key: `${base.key}/angle`,
      code: 'bend-angle',
      status: judgeMeasured(margin, cage.plan.measuringError.deg),
      feature: sharpest.feature,
      measured: { deg: sharpest.angle },
      limit: { deg: most },
      margin: { deg: margin },
    }),
  ];
}

/** A pair is two tubes of one length each; a split makes more. */
function continuous({ member }: Subject, base: Base): Finding {
  const wanted = member.role !== 'main-hoop' && member.pair === 'mirrored' ? 2 : 1;
  const count = member.pieces.length;
  return finding({
    ...base,
    code: 'continuous-tube',
    status: count <= wanted ? 'clear' : 'out',
    measured: { count },
    limit: { count: wanted },
    margin: { count: wanted - count },
  });
}

function tilt(most: number, { hoop, member, cage }: Subject, base: Base): Finding {
  if (!hoop) return waiting('tilt', base);
  const leaning = decided(Math.abs(hoop.tilt));
  const { deg: error } = cage.plan.measuringError;
  return finding({
    ...base,
    code: 'tilt',
    status: judgeMeasured(most - leaning, error),
    measured: { deg: leaning },
    limit: { deg: most },
    margin: { deg: most - leaning },
    remedy: { kind: 'tilt', member: member.id, deg: Math.sign(hoop.tilt) * (most - error) },
  });
}

/** Asked once for the whole cage, at the first member that the rule is about; what the torch cannot reach comes with the copes. */
function weldedAllRound({ roles }: Rule, subject: Subject, base: Base): Finding[] {
  const first = subject.cage.members.find(({ member }) => roles.includes(member.role));
  return first?.member.id === subject.member.id
    ? [asked('Welded all round, with full penetration?', subject, base)]
    : [];
}

/** Answered yes it is clear and says by whom; answered no it is out; until then it is asked. */
function asked(question: string, { cage }: Subject, base: Base): Finding {
  const answer = cage.plan.answers[base.key];
  const facts: Finding['facts'] = { question: { text: question } };
  if (!answer) return finding({ ...base, code: 'asked', status: 'ask', facts });
  return finding({
    ...base,
    code: 'answered',
    status: answer.answer === 'yes' ? 'clear' : 'out',
    facts: {
      ...facts,
      answer: { text: answer.answer },
      by: { text: answer.by },
      note: { text: answer.note },
      on: { text: answer.on?.slice(0, 10) ?? '' },
      photos: { count: answer.photos.length },
    },
  });
}
