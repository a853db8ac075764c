import { applyRemedy, distinctRemedies, type Finding } from '@gyrus/core';
import { remedyWords } from '@gyrus/formats';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Button } from '../../../shared/frame/Button.tsx';

/** The least changes that would mend some findings, all of them carried out by one press as one undo step. */
export function Mend({ findings }: { findings: readonly Finding[] }) {
  const style = useJobStyle();
  const plan = usePlan();
  const replace = usePlanStore((state) => state.replace);
  const remedies = distinctRemedies(findings);
  const [first] = remedies;
  if (!first) return null;
  const carryOut = () =>
    replace(
      `remedy/${findings[0]?.key ?? ''}`,
      remedies.reduce((mended, remedy) => applyRemedy(mended, remedy), plan),
    );
  const words = remedyWords(first, style);
  return (
    <div className="space-y-1">
      <p>
        <Typeset text={`To mend it: ${words}${remedies.length > 1 ? ', and the others likewise' : ''}.`} />
      </p>
      {first.kind !== 'radius' && (
        <Button onClick={carryOut}>
          {remedies.length > 1 ? `Do this for all ${remedies.length}` : 'Do this'}
        </Button>
      )}
    </div>
  );
}
