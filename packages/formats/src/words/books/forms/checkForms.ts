import { type RuleCheck } from '@gyrus/core';
import { type CheckBlank } from '../checkBlank.ts';

/** How a kind of check is written: a plain sentence with blanks, and the check to start from. */
export interface CheckForm {
  name: string;
  fresh: RuleCheck;
  sentence: readonly (string | CheckBlank)[];
}

/** Forms of some kinds of checks. */
export type CheckForms<Kind extends RuleCheck['kind']> = Record<Kind, CheckForm>;
