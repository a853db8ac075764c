import { type Evaluation, type Plan } from '@gyrus/core';
import { Link, useLocation } from 'react-router';
import { useBuildProgress } from './buildProgress.ts';
import { usePlanStore } from './store/planStore.ts';
import { STAGES, stageSays } from './stages.ts';
import { useFindings } from '../answers/useAnswers.ts';

const TONES = { quiet: 'text-quiet', look: 'text-look font-semibold', out: 'text-out font-semibold' };

/** The stages as a tape: ticks below, chalk under the one being worked on. */
export function StageTape({ plan, evaluation }: { plan: Plan; evaluation: Evaluation | null }) {
  const typing = usePlanStore((state) => state.typing);
  const says = stageSays(plan, evaluation, useFindings(), typing, useBuildProgress(plan));
  const page = useLocation().pathname.split('/')[3];
  return (
    <nav
      aria-label="Stages"
      className="bg-sheet border-rule grid auto-cols-[minmax(7rem,1fr)] grid-flow-col overflow-x-auto border-b"
    >
      {STAGES.map((stage) => {
        const active = page === stage.path || ('also' in stage && page === stage.also);
        return (
          <Link
            key={stage.path}
            to={stage.path}
            ref={active ? intoView : undefined}
            aria-current={active ? 'page' : undefined}
            className={`border-ink relative block min-h-13 border-l px-4 pt-1.5 pb-2 ${active ? 'font-semibold' : 'text-quiet'}`}
          >
            <div className={active ? 'text-ink' : ''}>{stage.name}</div>
            <div className={`truncate text-sm ${TONES[says[stage.path].tone]}`}>{says[stage.path].text}</div>
            <Ticks active={active} />
          </Link>
        );
      })}
    </nav>
  );
}

/** Where the tape is wider than the screen, the stage that is worked on is seen. */
const intoView = (stage: HTMLElement | null) =>
  stage?.scrollIntoView({ block: 'nearest', inline: 'nearest' });

function Ticks({ active }: { active: boolean }) {
  return (
    <span aria-hidden="true" className="absolute inset-x-0 bottom-0 block h-1.5">
      {active ? (
        <span className="bg-chalk block h-full" />
      ) : (
        <span className="block h-full bg-[repeating-linear-gradient(90deg,var(--color-rule)_0_1px,transparent_1px_10%)]" />
      )}
    </span>
  );
}
