import { isQuestion, type FindingLine, lineBelow, lineTitle } from '@gyrus/formats';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { AnswerButtons } from '../AnswerButtons.tsx';
import { type Light, Stamps } from './Stamps.tsx';

/** What is clear, in one line; what somebody answered can be answered otherwise. */
export function ClearLine({ line, light }: { line: FindingLine; light: Light }) {
  const plan = usePlan();
  const style = useJobStyle();
  const below = lineBelow(line, plan, style);
  return (
    <li className="border-rule space-y-1 border-t py-2">
      <span className="font-semibold">{lineTitle(line)}</span>
      {line.all.length > 1 && <span className="text-quiet"> {line.all.length} times</span>}
      {below !== '' && (
        <span className="text-quiet">
          {': '}
          <Typeset text={below} />
        </span>
      )}
      <Stamps {...{ line, light }} />
      {line.all.filter(isQuestion).map((finding) => (
        <AnswerButtons key={finding.key} finding={finding} />
      ))}
    </li>
  );
}
