import { type Finding, matrixOf, type Member, tightestOf } from '@gyrus/core';
import { findingFigure, findingWords } from '@gyrus/formats';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';

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
        <PlainTable names={['tube', ...titles.values()]}>
          {rows.map(({ member, stamp, cells }) => (
            <TableRow key={member ?? ''}>
              <th scope="row" className="px-3 py-1.5 font-bold">
                {member === null ? 'the whole cage' : stamp}
              </th>
              {cells.map(({ book, worst, counts }) => (
                <Cell key={book}>
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
                </Cell>
              ))}
            </TableRow>
          ))}
        </PlainTable>
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
