import { pieceName } from '@gyrus/formats';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { Button } from '../../shared/frame/Button.tsx';

/** The order in which tubes are fitted: who is coped to whom follows from it. */
export function FitOrder({ selected, onSelect }: { selected: string; onSelect: (piece: string) => void }) {
  const { fitOrder } = usePlan();
  const { members } = useEvaluation();
  const change = usePlanStore((state) => state.change);
  const pieces = new Map(
    members.flatMap(({ role, pieces: made }) => made.map((one) => [one.piece, { ...one, role }] as const)),
  );
  const move = (from: number, to: number) =>
    change(`fitOrder/${fitOrder[from] ?? ''}/${to}`, (plan) => {
      const [moved] = plan.fitOrder.splice(from, 1);
      if (moved !== undefined) plan.fitOrder.splice(to, 0, moved);
    });
  return (
    <section aria-label="Fit order" className="space-y-2">
      <p className="text-quiet text-sm">
        A tube is coped to those above it. A bar that closes a bay goes in last.
      </p>
      <ol className="bg-sheet border-rule rounded-machined max-h-[60vh] overflow-y-auto border">
        {fitOrder.map((id, i) => {
          const piece = pieces.get(id);
          const name = piece ? piece.stamp : 'a tube that is gone';
          return (
            <li key={id} className="border-rule flex items-center gap-2 border-b px-2 last:border-b-0">
              <span className="figure text-quiet w-7 text-right">{i + 1}</span>
              <button
                type="button"
                aria-pressed={id === selected}
                className={`min-h-11 min-w-0 flex-1 truncate px-2 text-left ${id === selected ? 'font-bold' : ''}`}
                onClick={() => onSelect(id)}
              >
                {name} {piece && pieceName(piece.role, piece.side)}
              </button>
              <Button
                kind="quiet"
                aria-label={`${name} earlier`}
                disabled={i === 0}
                onClick={() => move(i, i - 1)}
              >
                <ArrowUp aria-hidden="true" className="size-5" />
              </Button>
              <Button
                kind="quiet"
                aria-label={`${name} later`}
                disabled={i === fitOrder.length - 1}
                onClick={() => move(i, i + 1)}
              >
                <ArrowDown aria-hidden="true" className="size-5" />
              </Button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
