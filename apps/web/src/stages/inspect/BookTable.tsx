import { type Finding, type Status } from '@gyrus/core';
import { provenanceWords } from '@gyrus/formats';
import { PlainTable } from '../../shared/figures/PlainTable.tsx';
import { RuleRow } from './RuleRow.tsx';

/** Which findings are shown. */
export type Shown = Status | 'all';

interface BookTableProps {
  findings: Finding[];
  shown: Shown;
  lit: string | null;
  onLight: (member: string) => void;
}

/** The findings of one book, rule by rule. */
export function BookTable({ findings, shown, lit, onLight }: BookTableProps) {
  const source = findings[0]?.rule;
  const wanted = findings.filter(({ status }) => shown === 'all' || status === shown);
  if (!source) return null;
  return (
    <section aria-label={source.bookTitle}>
      <h2 className="text-xl">{source.bookTitle}</h2>
      <p className="text-quiet mb-2">
        {source.edition}; {provenanceWords[source.provenance]}
      </p>
      {wanted.length === 0 ? (
        <p className="text-quiet">Nothing of this book is {shown}.</p>
      ) : (
        <div className="overflow-x-auto">
          <PlainTable wide names={['clause', 'tube', 'rule', 'found', 'measured', 'limit', 'margin']}>
            {wanted.map((finding) => (
              <RuleRow
                key={finding.key}
                finding={finding}
                lit={finding.member !== null && finding.member === lit}
                onLight={onLight}
              />
            ))}
          </PlainTable>
        </div>
      )}
    </section>
  );
}
