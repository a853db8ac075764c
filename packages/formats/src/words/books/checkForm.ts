import { keysOf, type RuleCheck } from '@gyrus/core';
import { type CheckBlank } from './checkBlank.ts';
import { type CheckForms } from './forms/checkForms.ts';
import { PEOPLE_FORMS } from './forms/people.ts';
import { PLACE_FORMS } from './forms/place.ts';
import { SHAPE_FORMS } from './forms/shape.ts';
import { WORK_FORMS } from './forms/work.ts';

/** Every kind of check as a sentence about the members that its rule is about. */
export const checkForms: CheckForms<RuleCheck['kind']> = {
  ...SHAPE_FORMS,
  ...PLACE_FORMS,
  ...PEOPLE_FORMS,
  ...WORK_FORMS,
};

/** The kinds of checks, as they are offered. */
export const CHECK_KINDS: readonly RuleCheck['kind'][] = keysOf(checkForms);

/** The blanks of a kind of check, in the order of its sentence. */
export const blanksOf = (kind: RuleCheck['kind']): CheckBlank[] =>
  checkForms[kind].sentence.filter((part): part is CheckBlank => typeof part !== 'string');
