import { isQuestion } from '@gyrus/formats';
import { type Finding } from '@gyrus/core';
import { useState } from 'react';

/** Keys of the questions that were open since this page was opened: answered by now or not, they stay where they were asked. */
export function useAskedHere(findings: readonly Finding[] | null): ReadonlySet<string> {
  const [asked, setAsked] = useState<ReadonlySet<string>>(new Set());
  const more = (findings ?? []).filter(
    (one) => one.status === 'ask' && isQuestion(one) && !asked.has(one.key),
  );
  if (more.length > 0) setAsked(new Set([...asked, ...more.map(({ key }) => key)]));
  return asked;
}
