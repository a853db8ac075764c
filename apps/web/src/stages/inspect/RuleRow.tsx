import { type Finding } from '@gyrus/core';
import { isQuestion, findingFigure, findingWords, holdsWords } from '@gyrus/formats';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { AnswerButtons } from './AnswerButtons.tsx';
import { Mend } from './hands/Mend.tsx';
import { Cell } from '../../shared/figures/PlainTable.tsx';

interface RuleRowProps {
  finding: Finding;
  /** Whether its tube is lit in the picture. */
  lit: boolean;
  onLight: (member: string) => void;
}

/** One finding of a book with its figures, its answer, and what would mend it. */
export function RuleRow({ finding, lit, onLight }: RuleRowProps) {
  const style = useJobStyle();
  const member = usePlan().members.find(({ id }) => id === finding.member);
  const { rule } = finding;
  const asked = isQuestion(finding);
  const cell = (which: 'measured' | 'limit' | 'margin') => (
    <Cell figure whole>
      <Typeset text={findingFigure(finding, which, style)} />
    </Cell>
  );
  return (
    <tr className={`border-rule border-t align-top ${lit ? 'bg-chalk-pale' : ''}`}>
      <Cell whole>{rule?.clause}</Cell>
      <Cell>
        {member && (
          <button
            type="button"
            aria-pressed={lit}
            aria-label={`Light ${member.stamp}`}
            className="-mt-1.5 min-h-8 text-left font-bold underline"
            onClick={() => onLight(member.id)}
          >
            {member.pieces.map(({ stamp }) => stamp).join(', ')}
          </button>
        )}
      </Cell>
      <Cell>
        {!asked && <div className="text-quiet text-sm">{rule?.text}</div>}
        {rule?.holds && (
          <div className="text-quiet text-sm">
            Holds for: <Typeset text={holdsWords(rule.holds)} />
          </div>
        )}
        <Typeset text={findingWords(finding, style)} />
        {asked && <AnswerButtons finding={finding} />}
        <Mend findings={[finding]} />
      </Cell>
      <Cell>
        <StatusMark status={finding.status} />
      </Cell>
      {cell('measured')}
      {cell('limit')}
      {cell('margin')}
    </tr>
  );
}
