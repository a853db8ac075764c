import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';
import { Ticks } from './AssumedTicks.tsx';

/**
 * What nobody measured or chose, each figure with a tick of its own: what was read off and found right is kept with a name and the
 * time, in one press. A figure that was found to be another is typed at its own place.
 */
export function MeasureNext() {
  const { assumed } = useEvaluation();
  const { proposalsMarked } = usePlan();
  if (!proposalsMarked) return <FiguresUntold />;
  if (assumed.length === 0) return null;
  const figures = assumed.reduce((sum, thing) => sum + thing.figures.length, 0);
  return (
    <Disclosure
      defaultOpen
      className="bg-sheet border-look rounded-machined mb-4 border-2"
      summaryClassName="min-h-11 px-3 py-2"
      summary={
        <>
          <h2 className="text-lg whitespace-nowrap">Measure next</h2>{' '}
          <span className="text-look font-semibold">
            {figures} figure{figures === 1 ? '' : 's'} that nobody measured or chose
          </span>
        </>
      }
    >
      <Ticks things={assumed} />
    </Disclosure>
  );
}

/** A plan from before figures told whether somebody measured them. */
function FiguresUntold() {
  const change = usePlanStore((state) => state.change);
  return (
    <section
      aria-label="Figures that do not tell"
      className="bg-sheet border-look rounded-machined mb-4 flex flex-wrap items-center gap-3 border-2 p-3"
    >
      <p className="max-w-prose flex-1">
        This plan is from before figures told whether somebody measured them, and all of them count as
        measured or chosen. Go through the landings, corners, plates and drivers; what you type again is told
        apart from then on.
      </p>
      <Button onClick={() => change('figures/told', (plan) => void (plan.proposalsMarked = true))}>
        I went through them
      </Button>
    </section>
  );
}
