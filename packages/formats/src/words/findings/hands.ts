import {
  type Finding,
  type FindingCode,
  type LengthStyle,
  type Plan,
  type Status,
  textFact,
} from '@gyrus/core';
import { thingWords } from './assumed.ts';
import { findingKind } from './findingKinds.ts';
import { type FindingLine, lineWords, linesOf, statusAndCode } from './findingLines.ts';
import { capital } from './sentenceParts.ts';

/** What is found of a cage as things to do: what needs hands, the pressing first, and what is clear. */
export interface Hands {
  open: FindingLine[];
  clear: FindingLine[];
}

/** What needs hands first. */
const PRESSING: readonly Status[] = ['out', 'look', 'ask'];

/**
 * Findings as things to do, one line for what one deed settles: of one kind, whichever tubes and books say so; of what waits for the same
 * measure; of one question. held: keys of questions that stay among what is open though they were answered by now, as their name and note
 * are still being written.
 */
export function handsOf(
  findings: readonly Finding[],
  plan: Plan,
  held: ReadonlySet<string> = new Set(),
): Hands {
  const isHeld = ({ key }: Finding) => held.has(key);
  const lines = linesOf(findings, plan, (finding) =>
    isHeld(finding) ? questionOf(finding) : deedOf(finding),
  );
  const stands = ({ worst, all }: FindingLine): Status => (all.some(isHeld) ? 'ask' : worst.status);
  const of = (status: Status) => lines.filter((line) => stands(line) === status);
  return { open: PRESSING.flatMap(of), clear: of('clear') };
}

/** What two findings that are settled by the same deed have in common. */
function deedOf(finding: Finding): string {
  if (finding.would !== null) return `rests/${restsOn(finding)}`;
  if (finding.code === 'waiting') return `waiting/${textFact(finding, 'what')}/${textFact(finding, 'who')}`;
  return finding.status === 'ask' && isQuestion(finding) ? questionOf(finding) : statusAndCode(finding);
}

/** Codes that a person answers and no program can, by the code that they are asked under. */
const QUESTIONS: Partial<Record<FindingCode, FindingCode>> = {
  asked: 'asked',
  answered: 'asked',
  padding: 'padding',
  padded: 'padding',
  'gusset-none': 'gusset-none',
  'plate-welded': 'plate-welded',
  'bolt-ask': 'bolt-ask',
  'bolt-out-of-reach': 'bolt-ask',
};

/** Whether a person answers a finding. */
export const isQuestion = ({ code }: Pick<Finding, 'code'>): boolean => QUESTIONS[code] !== undefined;

const questionOf = (finding: Finding): string =>
  `question/${QUESTIONS[finding.code] ?? finding.code}/${textFact(finding, 'question')}`;

const restsOn = ({ restsOn }: Finding): string => [...new Set(restsOn.map(thingWords))].join(', ');

/** How many lines there are of each status, as `1 out, 3 to look at, 2 ask`; empty where nothing is open. */
export function openWords({ open }: Hands): string {
  const counts = PRESSING.map((status) => open.filter(({ worst }) => worst.status === status).length);
  const words = ['out', 'look', 'ask'];
  return counts.flatMap((count, i) => (count > 0 ? [`${count} ${words[i]}`] : [])).join(', ');
}

/** What a line is about, as its title. */
export function lineTitle({ worst }: FindingLine): string {
  if (worst.would !== null) return `Not measured: ${restsOn(worst)}`;
  return QUESTIONS[worst.code] === 'asked' ? textFact(worst, 'question') : capital(findingKind(worst.code));
}

/** What is said below the title; what waits for one measure is counted, and a question is its title. */
export function lineBelow(line: FindingLine, plan: Plan, style: LengthStyle): string {
  const { worst, all } = line;
  if (worst.would !== null)
    return `${all.length === 1 ? 'One finding waits' : `${all.length} findings wait`} for it: ${wouldWords(all)} as assumed.`;
  return worst.code === 'asked' ? '' : lineWords(line, plan, style);
}

/** `2 would be out, 5 clear`. */
function wouldWords(all: readonly Finding[]): string {
  const counts = (['out', 'look', 'clear'] as const).map(
    (would) => [would, all.filter((one) => one.would === would).length] as const,
  );
  return `would be ${counts.flatMap(([would, count]) => (count > 0 ? [all.length === 1 ? would : `${count} ${would}`] : [])).join(', ')}`;
}
