import { applyRemedy, type Finding, marginOf, type Remedy } from '@gyrus/core';
import { remedyWords } from '@gyrus/formats';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Button } from '../../../shared/frame/Button.tsx';

/** The least changes that would mend some findings, each once: carried out one by one, or all by one press. */
export function Mend({ findings }: { findings: readonly Finding[] }) {
  const style = useJobStyle();
  const plan = usePlan();
  const replace = usePlanStore((state) => state.replace);
  const remedies = remediesOf(findings);
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

/** Of what several books ask of one thing, the remedy of the one that is the furthest out. */
function remediesOf(findings: readonly Finding[]): Remedy[] {
  const of = new Map<string, Remedy>();
  const worstFirst = [...findings].sort((a, b) => (marginOf(a) ?? 0) - (marginOf(b) ?? 0));
  for (const { remedy } of worstFirst) {
    const target = remedy ? targetOf(remedy) : null;
    if (remedy && target !== null && !of.has(target)) of.set(target, remedy);
  }
  return [...of.values()];
}

/** What a remedy changes: two of one target would be carried out on top of each other. */
function targetOf(remedy: Remedy): string {
  const names = ['member', 'end', 'plate', 'gusset', 'part', 'occupant', 'side'] as const;
  return [
    remedy.kind,
    ...names.map((name) => (name in remedy ? String(remedy[name as keyof Remedy]) : '')),
  ].join('/');
}
