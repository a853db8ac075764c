import { type Finding, type LengthStyle, type Status } from '@gyrus/core';
import { findingWords } from '@gyrus/formats';
import { memo } from 'react';
import { Typeset } from './Figure.tsx';
import { StatusMark } from './StatusMark.tsx';

const ORDER: Status[] = ['out', 'look', 'ask', 'clear'];

interface FindingListProps {
  findings: Finding[];
  style: LengthStyle;
  /** Goes to the tube that a finding is of; findings of no tube stay as they are. */
  onOpen?: (finding: Finding) => void;
  /** What is said where nothing was found. */
  none?: string;
}

/** Findings as sentences, the pressing ones first. */
export const FindingList = memo(function FindingList({
  findings,
  style,
  onOpen,
  none = 'Nothing stands against it.',
}: FindingListProps) {
  const sorted = ORDER.flatMap((status) => findings.filter((finding) => finding.status === status));
  if (sorted.length === 0) return <p className="text-quiet">{none}</p>;
  return (
    <ul className="space-y-2">
      {sorted.map((finding) => (
        <li key={finding.key} data-finding={finding.code}>
          <StatusMark status={finding.status} />{' '}
          {onOpen && finding.member ? (
            <button
              type="button"
              className="inline min-h-8 text-left underline decoration-dotted underline-offset-3"
              onClick={() => onOpen(finding)}
            >
              <Typeset text={findingWords(finding, style)} />
            </button>
          ) : (
            <span>
              <Typeset text={findingWords(finding, style)} />
            </span>
          )}
          {finding.rule && (
            <span className="text-quiet text-sm whitespace-nowrap"> ({finding.rule.clause})</span>
          )}
        </li>
      ))}
    </ul>
  );
});
