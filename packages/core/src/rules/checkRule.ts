import { type BendSheet, type HoopGeometry } from '../cage/index.ts';
import { CATALOGUE, decided } from '../measure/index.ts';
import { type Member, type Plan } from '../plan/index.ts';
import { type Finding, finding, type RuleSource } from './finding.ts';
import { judgeCatalogue, judgeMeasured } from './judge.ts';
import { type Rule, type RuleCheck } from './ruleBook.ts';

/** What a rule is held against; geometry and sheet are null while they do not exist. */
export interface Subject {
  member: Member;
  hoop: HoopGeometry | null;
  sheet: BendSheet | null;
  error: Plan['measuringError'];
  answers: Plan['answers'];
}

type Base = Pick<Finding, 'key' | 'member' | 'rule'>;

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
    case 'ask':
      return [asked(check.question, subject, base)];
  }
}

/** One finding per die: the radius is the die's, a catalogue size. */
function clrRatio(least: number, { member, sheet }: Subject, base: Base): Finding[] {
  if (!sheet) return [waiting('clr-ratio', base)];
  const od = member.tube.od.mm;
  const dies = [...new Map(sheet.bends.map((bend) => [bend.die.id, bend.die])).values()];
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
      facts: { clr: { mm: die.clr.mm } },
    });
  });
}

function bends(check: Extract<RuleCheck, { kind: 'bends' }>, subject: Subject, base: Base): Finding[] {
  const { sheet, error } = subject;
  const count = subject.hoop?.features.length ?? sheet?.bends.length;
  if (count === undefined) return [waiting('bend-count', base)];
  const found: Finding[] = [];
  if (check.most !== null) {
    found.push(
      finding({
        ...base,
        key: `${base.key}/count`,
        code: 'bend-count',
        status: count <= check.most ? 'clear' : 'out',
        measured: { count },
        limit: { count: check.most },
        margin: { count: check.most - count },
      }),
    );
  }
  if (check.largestAngle !== null) found.push(largestBend(check.largestAngle.deg, sheet, error.deg, base));
  return found;
}

function largestBend(most: number, sheet: BendSheet | null, error: number, base: Base): Finding {
  if (!sheet || sheet.bends.length === 0) return waiting('bend-angle', base);
  const sharpest = sheet.bends.reduce((worst, bend) => (bend.angle > worst.angle ? bend : worst));
  const margin = most - sharpest.angle;
  return finding({
    ...base,
    key: `${base.key}/angle`,
    code: 'bend-angle',
    status: judgeMeasured(margin, error),
    feature: sharpest.feature,
    measured: { deg: sharpest.angle },
    limit: { deg: most },
    margin: { deg: margin },
  });
}

const continuous = ({ member }: Subject, base: Base): Finding =>
  finding({
    ...base,
    code: 'continuous-tube',
    status: member.pieces.length === 1 ? 'clear' : 'out',
    measured: { count: member.pieces.length },
    limit: { count: 1 },
    margin: { count: 1 - member.pieces.length },
  });

function tilt(most: number, { hoop, error }: Subject, base: Base): Finding {
  if (!hoop) return waiting('tilt', base);
  const leaning = decided(Math.abs(hoop.tilt));
  return finding({
    ...base,
    code: 'tilt',
    status: judgeMeasured(most - leaning, error.deg),
    measured: { deg: leaning },
    limit: { deg: most },
    margin: { deg: most - leaning },
  });
}

/** Answered yes it is clear and says by whom; answered no it is out; until then it is asked. */
function asked(question: string, { answers }: Subject, base: Base): Finding {
  const answer = answers[base.key];
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
    },
  });
}

/** The check needs geometry that is not there yet. */
const waiting = (what: string, base: Base): Finding =>
  finding({ ...base, code: 'waiting', status: 'ask', facts: { what: { text: what } } });
