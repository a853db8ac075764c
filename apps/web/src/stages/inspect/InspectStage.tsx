import { copeFindings, type Finding, type LengthStyle } from '@gyrus/core';
import { findingFigure, findingWords, provenanceWords } from '@gyrus/formats';
import { Link } from 'react-router';
import { usePlan } from '../../job/planStore.ts';
import { useCopes, useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/Figure.tsx';
import { TableHead } from '../../shared/TableHead.tsx';
import { FindingList } from '../../shared/FindingList.tsx';
import { StatusMark } from '../../shared/StatusMark.tsx';
import { AnswerButtons } from './AnswerButtons.tsx';

/** Rule by rule: what was measured, the limit, how far inside it, and what a person must answer. */
export function InspectStage() {
  const evaluated = useEvaluation().findings;
  const plan = usePlan();
  const copes = useCopes();
  const findings = copes ? [...evaluated, ...copeFindings(plan, copes)] : evaluated;
  const style = useJobStyle();
  const ruled = findings.filter((finding) => finding.rule !== null);
  const books = [...new Set(ruled.map((finding) => finding.rule?.book))];
  return (
    <div className="mx-auto max-w-6xl space-y-6 p-5">
      <div>
        <h1 className="text-3xl">Inspect</h1>
        <p className="text-quiet max-w-prose">
          Compared with the rules as entered. Nothing here is an approval: the current rule book and the
          inspector of the event decide.
        </p>
      </div>
      {books.length === 0 && (
        <p className="bg-sheet border-rule rounded-machined border p-6">
          No rule book is chosen.{' '}
          <Link to="../brief" className="font-semibold underline">
            Choose one at Brief
          </Link>
          .
        </p>
      )}
      {books.map((book) => (
        <BookTable
          key={book}
          findings={ruled.filter((finding) => finding.rule?.book === book)}
          style={style}
        />
      ))}
      <section aria-label="Besides the rules">
        <h2 className="mb-2 text-lg">Besides the rules</h2>
        <FindingList findings={findings.filter((finding) => finding.rule === null)} style={style} />
      </section>
    </div>
  );
}

function BookTable({ findings, style }: { findings: Finding[]; style: LengthStyle }) {
  const source = findings[0]?.rule;
  if (!source) return null;
  return (
    <section aria-label={source.bookTitle}>
      <h2 className="text-xl">{source.bookTitle}</h2>
      <p className="text-quiet mb-2">
        {source.edition}; {provenanceWords[source.provenance]}
      </p>
      <div className="overflow-x-auto">
        <table className="bg-sheet border-rule w-full border text-left">
          <TableHead names={['clause', 'rule', 'found', 'measured', 'limit', 'margin']} />
          <tbody>
            {findings.map((finding) => (
              <RuleRow key={finding.key} finding={finding} style={style} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function RuleRow({ finding, style }: { finding: Finding; style: LengthStyle }) {
  const { rule } = finding;
  const asked = finding.code === 'asked' || finding.code === 'answered';
  const cell = (which: 'measured' | 'limit' | 'margin') => (
    <td className="figure px-3 py-2 whitespace-nowrap">
      <Typeset text={findingFigure(finding, which, style)} />
    </td>
  );
  return (
    <tr className="border-rule border-t align-top">
      <td className="px-3 py-2 whitespace-nowrap">{rule?.clause}</td>
      <td className="px-3 py-2">
        {!asked && <div className="text-quiet text-sm">{rule?.text}</div>}
        <Typeset text={findingWords(finding, style)} />
        {asked && <AnswerButtons finding={finding} />}
      </td>
      <td className="px-3 py-2">
        <StatusMark status={finding.status} />
      </td>
      {cell('measured')}
      {cell('limit')}
      {cell('margin')}
    </tr>
  );
}
