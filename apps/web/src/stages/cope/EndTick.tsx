import { COPE_STATES, type CopeState, type CopeTick, cutMark, type EndCut } from '@gyrus/core';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

const OPTIONS: { value: CopeState | 'open'; text: string }[] = [
  { value: 'open', text: 'to do' },
  ...COPE_STATES.map((state) => ({ value: state, text: state })),
];

/** The tick of an end among the plan's. */
export const tickOf = (ticks: CopeTick[], { piece, end }: EndCut): CopeTick | undefined =>
  ticks.find((tick) => tick.piece === piece && tick.end === end);

/** Whether an end was ticked off with another cut than it has now. */
export const isStale = (tick: CopeTick | undefined, cut: EndCut): boolean =>
  tick !== undefined && tick.state !== 'ready' && tick.cut !== cutMark(cut);

/** How far an end has come, ticked off by hand; told when its cut has changed since. */
export function EndTick({ cut }: { cut: EndCut }) {
  const tick = tickOf(usePlan().copeTicks, cut);
  const change = usePlanStore((state) => state.change);
  const set = (state: CopeState | 'open') =>
    change(`copeTicks/${cut.piece}/${cut.end}`, (plan) => {
      const others = plan.copeTicks.filter((one) => one.piece !== cut.piece || one.end !== cut.end);
      const { piece, end } = cut;
      plan.copeTicks = state === 'open' ? others : [...others, { piece, end, state, cut: cutMark(cut) }];
    });
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Segmented
        quiet
        label="how far this end is"
        value={tick?.state ?? 'open'}
        options={OPTIONS}
        onChange={set}
      />
      {isStale(tick, cut) && (
        <StatusMark
          status="look"
          word={`the cut has changed since it was ${tick?.state}: do it again, or tick it anew`}
        />
      )}
    </div>
  );
}
