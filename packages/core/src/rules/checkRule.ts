import { continuous, count } from './checks/counts.ts';
import { feetOn, openingHeight, splices } from './checks/fittings.ts';
import { gussets } from './checks/gussets.ts';
import { endDistance } from './checks/ends.ts';
import { angle } from './checks/geometry.ts';
import { lapWindow, strapSpread } from './checks/belts.ts';
import { harnessWindow, helmet, padding } from './checks/people.ts';
import { checkOwn, isOwnCheck, type OwnCheck } from './checks/own.ts';
import { plates } from './checks/plates.ts';
import { answerTo } from './answerTo.ts';
import { sourceOfRule } from './book/chosen.ts';
import { type Finding, finding } from '../findings/index.ts';
import { type Rule, type RuleBook } from './book/ruleBook.ts';
import { type RuleCheck } from './book/ruleCheck.ts';
import {
  type FindingOrigin,
  isFirstOf,
  originOf,
  type RuledCage,
  type RuledMember,
  type Subject,
} from './subject.ts';

/** Holds one rule against one member. What cannot be computed yet, or ever, is asked; nothing passes in silence. */
export function checkRule(rule: Rule, book: RuleBook, member: RuledMember, cage: RuledCage): Finding[] {
  const { check } = rule;
  if (isOwnCheck(check)) return checkOwn(check, member, rule, book, cage.plan.measuringError);
  const origin = originOf(rule, book.id, member, sourceOfRule(book, rule));
  return checkInCage(check, rule, { ...member, cage }, origin);
}

function checkInCage(
  check: Exclude<RuleCheck, OwnCheck>,
  rule: Rule,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  switch (check.kind) {
    case 'continuous-tube':
      return continuous(check, subject, origin);
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
