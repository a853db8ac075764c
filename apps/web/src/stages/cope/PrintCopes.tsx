import { type CopeCurve } from '@gyrus/core';
import { Button } from '../../shared/frame/Button.tsx';
import { usePlan } from '../../job/store/planStore.ts';
import { useOpenSaved } from '../../job/store/useOpenSaved.ts';

/** Prints this tube's cope sheet, all templates packed on pages, or the pack of both for the whole job. */
export function PrintCopes({ curve, piece }: { curve: CopeCurve; piece: string }) {
  const { units } = usePlan();
  const open = useOpenSaved();
  const print = (more: string) =>
    open(
      (from) =>
        `${from}/copes.pdf?curve=${curve}&unit=${units.length}&paper=${units.length === 'in' ? 'letter' : 'a4'}&${more}`,
    );
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => void print(`what=pack&piece=${piece}`)}>Print this tube</Button>
      <Button onClick={() => void print('what=templates')}>All templates</Button>
      <Button onClick={() => void print('what=pack')}>Pack of the job</Button>
    </div>
  );
}
