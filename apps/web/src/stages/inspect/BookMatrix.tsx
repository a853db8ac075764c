import { type Finding, matrixOf, type Member, tightestOf } from '@gyrus/core';
import { findingFigure, findingWords } from '@gyrus/formats';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { TableHead } from '../../shared/figures/TableHead.tsx';

/** Members against books, and of each kind of figure the limit that is the hardest to keep. */
export function BookMatrix({ members, findings }: { members: Member[]; findings: Finding[] }) {
  const style = useJobStyle();
  const titles = new Map(
    findings.flatMap(({ rule }) => (rule ? [[rule.book, rule.bookTitle] as const] : [])),
  );
  const rows = matrixOf(members, findings).filter(({ cells }) => cells.some(({ worst }) => worst !== null));
  const hard = tightestOf(findings).filter(({ finding }) => finding.status !== 'clear');
  return (
    <section aria-label="Members against books" className="space-y-4">
      <div className="overflow-x-auto">
        <table className="bg-sheet border-rule border text-left">
          <TableHead names={['tube', ...titles.values()]} />
          <tbody>
            {rows.map(({ member, stamp, cells }) => (
              <tr key={member ?? ''} className="border-rule border-t">
                <th scope="row" className="px-3 py-1.5 font-bold">
                  {member === null ? 'the whole cage' : stamp}
                </th>
                {cells.map(({ book, worst, counts }) => (
                  <td key={book} className="px-3 py-1.5">
                    {worst ? (
                      <StatusMark
                        status={worst}
                        word={
                          worst !== 'clear' && counts[worst] > 1 ? `${worst}, ${counts[worst]} times` : worst
                        }
                      />
                    ) : (
                      <span className="text-quiet">says nothing</span>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {titles.size > 1 && hard.length > 0 && (
        <Disclosure summary={`${hard.length} limits that stand in the way of satisfying all books`}>
          <ul className="mt-2 space-y-1">
            {hard.map(({ member, code, finding, books }) => (
              <li key={`${member}/${code}`}>
                <StatusMark status={finding.status} />{' '}
                <Typeset
                  text={`${findingWords(finding, style)} The tightest of ${books.join(' and ')}: ${findingFigure(finding, 'limit', style)}, ${finding.rule?.clause ?? ''}.`}
                />
              </li>
            ))}
          </ul>
        </Disclosure>
      )}
    </section>
  );
}
