import { type Finding, type LengthStyle, type Status } from '@gyrus/core';
import { findingWords } from '@gyrus/formats';
import { Typeset } from './Figure.tsx';
import { StatusMark } from './StatusMark.tsx';

const ORDER: Status[] = ['out', 'look', 'ask', 'clear'];

/** Findings as sentences, the pressing ones first. */
export function FindingList({ findings, style }: { findings: Finding[]; style: LengthStyle }) {
  const sorted = ORDER.flatMap((status) => findings.filter((finding) => finding.status === status));
  if (sorted.length === 0) return <p className="text-quiet">Nothing stands against it.</p>;
  return (
    <ul className="space-y-2">
      {sorted.map((finding) => (
        <li key={finding.key} data-finding={finding.code}>
          <StatusMark status={finding.status} />{' '}
          <span>
            <Typeset text={findingWords(finding, style)} />
          </span>
          {finding.rule && (
            <span className="text-quiet text-sm whitespace-nowrap"> ({finding.rule.clause})</span>
          )}
        </li>
      ))}
    </ul>
  );
}
