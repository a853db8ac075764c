import { type CopeState, type CopeTick, type EndCut } from '@gyrus/core';
import { methodWords, seatWords } from '@gyrus/formats';
import { usePlan } from '../../job/store/planStore.ts';
import { isStale, tickOf } from './EndTick.tsx';

interface EndListProps {
  ends: EndCut[];
  selected: string;
  onSelect: (end: EndCut) => void;
}

/** All ends with how each is made and how far it is. */
export function EndList({ ends, selected, onSelect }: EndListProps) {
  const { copeTicks } = usePlan();
  const fitted = ends.filter((one) => tickOf(copeTicks, one)?.state === 'fitted').length;
  return (
    <>
      <p className="text-quiet">
        {fitted} of {ends.length} ends fitted
      </p>
      <ul
        aria-label="Ends"
        className="bg-sheet border-rule rounded-machined max-h-[62vh] overflow-y-auto border"
      >
        {ends.map((one) => {
          const key = `${one.piece}/${one.end}`;
          return (
            <li key={key} className="border-rule border-b last:border-b-0">
              <button
                type="button"
                aria-pressed={key === selected}
                className={`flex min-h-11 w-full items-center gap-3 border-l-4 px-3 py-1.5 text-left ${key === selected ? 'border-chalk bg-white' : 'border-transparent'}`}
                onClick={() => onSelect(one)}
              >
                <span className="border-ink rounded-machined min-w-16 border bg-white px-1.5 text-center font-bold whitespace-nowrap">
                  {one.stamp} {one.end.toUpperCase()}
                </span>
                <span className="min-w-0 flex-1">
                  <span className="block truncate font-semibold">{methodWords(one)}</span>
                  <span className="text-quiet block truncate text-sm">{seatWords(one)}</span>
                </span>
                <TickMark tick={tickOf(copeTicks, one)} stale={isStale(tickOf(copeTicks, one), one)} />
              </button>
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** A bar that fills by quarters: ready, printed, cut, fitted. */
const QUARTERS: Record<CopeState, number> = { ready: 1, printed: 2, cut: 3, fitted: 4 };

function TickMark({ tick, stale }: { tick: CopeTick | undefined; stale: boolean }) {
  if (!tick) return null;
  return (
    <span className={`w-14 shrink-0 text-right text-sm ${stale ? 'text-look font-semibold' : ''}`}>
      {stale ? 'changed' : tick.state}
      <span aria-hidden="true" className="border-edge mt-0.5 flex h-1.5 border">
        <span className="bg-ink block" style={{ width: `${QUARTERS[tick.state] * 25}%` }} />
      </span>
    </span>
  );
}
