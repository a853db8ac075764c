import { type Finding, type LengthStyle, marginOf, type Plan, type RuleSource, textFact } from '@gyrus/core';
import { grouped } from './grouped.ts';
import { findingFigure, findingWords } from './finding.ts';

/** Findings of one kind as one line: the worst of them speaks, and all of them are named. */
export interface FindingLine {
  worst: Finding;
  all: Finding[];
  /** As they stand on the tubes, plates and gussets. */
  stamps: string[];
  /** The rules that say so, each once. */
  rules: RuleSource[];
}

/** Findings of one status and one code. */
export const statusAndCode = ({ status, would, code }: Finding): string => `${status}/${would ?? ''}/${code}`;

/** Lines of findings of which `keyOf` says the same; the order of the findings is kept. */
export function linesOf(
  findings: readonly Finding[],
  plan: Plan,
  keyOf: (finding: Finding) => string = statusAndCode,
): FindingLine[] {
  const kinds = grouped(findings, keyOf);
  return [...kinds.values()].map((all) => ({
    worst: all.reduce((worst, one) => (spare(one) < spare(worst) ? one : worst)),
    all,
    stamps: [...new Set(all.flatMap((one) => findingStamps(one, plan)))],
    rules: [...new Map(all.flatMap(({ rule }) => (rule ? [[ruleKey(rule), rule] as const] : []))).values()],
  }));
}

const ruleKey = ({ book, clause, text }: RuleSource): string => `${book}/${clause}/${text}`;

/** None at all is worse than any. */
const spare = (finding: Finding): number => marginOf(finding) ?? -Infinity;

/** The stamps that a finding is about, as they stand on the tubes: both hands of a pair where it is about both. */
export function findingStamps(finding: Finding, plan: Plan): string[] {
  const text = (name: string): string[] => {
    const stamps = textFact(finding, name);
    return stamps === '' ? [] : stamps.split(/, | and /);
  };
  const named = [...text('stamp'), ...text('stamps'), ...text('first'), ...text('second')];
  if (named.length > 0) return named;
  const member = plan.members.find(({ id }) => id === finding.member);
  return member ? member.pieces.map(({ stamp }) => stamp) : [];
}

/** The sentence of a line: of the worst, with the figures of the others where theirs differ. What is clear needs no second one. */
export function lineWords({ worst, all }: FindingLine, plan: Plan, style: LengthStyle): string {
  const sentence = findingWords(worst, style);
  if (worst.status === 'clear') return sentence;
  const own = findingFigure(worst, 'measured', style);
  const each = all
    .map((one) => ({ one, figure: findingFigure(one, 'measured', style) }))
    .filter(({ one, figure }) => one !== worst && figure !== '–' && figure !== own)
    .map(({ one, figure }) => `${findingStamps(one, plan).join(' and ')} ${figure}`);
  return each.length === 0 ? sentence : `${sentence} Likewise ${[...new Set(each)].join(', ')}.`;
}
