import { type Finding, marginOf } from '../finding.ts';
import { type Remedy } from './remedy.ts';

/** What of a remedy says what it changes. */
const NAMES = ['member', 'end', 'plate', 'gusset', 'part', 'occupant', 'side'] as const;

/** Two of one target would be carried out on top of each other. */
const targetOf = (remedy: Remedy): string =>
  [remedy.kind, ...NAMES.map((name) => (name in remedy ? String(remedy[name as keyof Remedy]) : ''))].join(
    '/',
  );

/** Without a margin a finding is worse than with any: a tube of the wrong kind. */
const spare = (finding: Finding): number => marginOf(finding) ?? -Infinity;

/** The remedies of some findings, one for each thing that they change: of what several books ask, the one that is the furthest out. */
export function distinctRemedies(findings: readonly Finding[]): Remedy[] {
  const of = new Map<string, Remedy>();
  for (const { remedy } of [...findings].sort((a, b) => spare(a) - spare(b)))
    if (remedy && !of.has(targetOf(remedy))) of.set(targetOf(remedy), remedy);
  return [...of.values()];
}
