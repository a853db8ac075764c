import { usePlanStore } from '../store/planStore.ts';

/** How far the plan is saved, in words. */
export function SaveMark() {
  const state = usePlanStore((store) => store.saveState);
  const number = usePlanStore((store) => store.base.number);
  const asked = usePlanStore((store) => store.clash !== null);
  const refusal = usePlanStore((store) => store.refusal);
  const words = {
    saved: `saved, revision ${number}`,
    waiting: 'saving…',
    saving: 'saving…',
    'no-answer': 'no answer: kept here, trying again',
    clash: asked ? 'both of you changed this' : 'putting both together…',
    refused: `not saved: ${refusal}`,
  }[state];
  const loud = state === 'no-answer' || state === 'refused' || state === 'clash';
  return (
    <span role="status" className={`text-sm ${loud ? 'text-look font-semibold' : 'text-quiet'}`}>
      {words}
    </span>
  );
}
