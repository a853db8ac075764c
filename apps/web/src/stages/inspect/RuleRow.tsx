import { applyRemedy, type Finding, type FindingCode } from '@gyrus/core';
import { findingFigure, findingWords, holdsWords, remedyWords } from '@gyrus/formats';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { AnswerButtons } from './AnswerButtons.tsx';
import { Cell } from '../../shared/figures/PlainTable.tsx';

const ASKED = new Set<FindingCode>(['asked', 'answered', 'padding', 'padded', 'gusset-none', 'plate-welded']);

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
  const asked = ASKED.has(finding.code);
  const cell = (which: 'measured' | 'limit' | 'margin') => (
    <Cell figure whole>
      <Typeset text={findingFigure(finding, which, style)} />
    </Cell>
  );
  return (
    <tr className={`border-rule border-t align-top ${lit ? 'bg-[#fff3cf]' : ''}`}>
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
        {finding.remedy && <Mend finding={finding} remedy={finding.remedy} />}
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

/** The least change that would mend it, carried out as one undo step. */
function Mend({ finding, remedy }: { finding: Finding; remedy: NonNullable<Finding['remedy']> }) {
  const style = useJobStyle();
  const replace = usePlanStore((state) => state.replace);
  const plan = usePlan();
  const words = remedyWords(remedy, style);
  return (
    <div className="mt-1 flex flex-wrap items-center gap-3">
      <span className="font-semibold">
        <Typeset text={`To mend it: ${words}.`} />
      </span>
      {remedy.kind !== 'radius' && (
        <Button onClick={() => replace(`remedy/${finding.key}`, applyRemedy(plan, remedy))}>Do this</Button>
      )}
    </div>
  );
}
