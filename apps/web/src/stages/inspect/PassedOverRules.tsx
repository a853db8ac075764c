import { passedOver } from '@gyrus/core';
import { passedOverWords } from '@gyrus/formats';
import { usePlan } from '../../job/store/planStore.ts';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';
import { useRuleBooks } from '../../shared/server/queries.ts';

/** Rules that say nothing of this cage, and why: what is not listed above was not overlooked. */
export function PassedOverRules() {
  const plan = usePlan();
  const rules = passedOver(plan, useRuleBooks().data ?? []);
  if (rules.length === 0) return null;
  return (
    <Disclosure
      summary={`${rules.length === 1 ? 'One rule is' : `${rules.length} rules are`} not about this cage`}
    >
      <ul className="mt-1 space-y-1">
        {rules.map((one) => (
          <li key={`${one.source.book}/${one.source.clause}/${one.source.text}`}>
            <span className="text-quiet">{one.source.bookTitle}</span>, {one.source.clause}: {one.source.text}{' '}
            <strong>{passedOverWords(one)}</strong>
          </li>
        ))}
      </ul>
    </Disclosure>
  );
}
