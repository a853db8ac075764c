import { type Finding, type FindingCode } from '@gyrus/core';

const ASKED = new Set<FindingCode>([
  'asked',
  'answered',
  'padding',
  'padded',
  'gusset-none',
  'plate-welded',
  'bolt-ask',
  'bolt-out-of-reach',
]);

/** Whether a person answers it, and no program can. */
export const isAsked = ({ code }: Finding): boolean => ASKED.has(code);
