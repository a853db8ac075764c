import { type BuildAnswer, type BuildStep, type Ticked, tubesIn } from '@gyrus/core';
import { stepCaution, stepReasons, stepTitle } from '@gyrus/formats';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useEffect, useMemo, useRef } from 'react';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { DoneForm } from './DoneForm.tsx';
import { neighbours } from './moveTubes.ts';
import { keyOfStep, tubesOfStep } from './stepGroups.ts';
import { StepPicture } from './StepPicture.tsx';
import { WrittenAtStep } from './WrittenAtStep.tsx';

interface StepPanelProps {
  answer: BuildAnswer;
  step: BuildStep;
  number: number;
  ticked: Map<string, Ticked>;
  /** Takes the step's tubes to stand before a place of the order. */
  move: (before: number) => void;
  /** Why it could not be taken where it was last. */
  refused: string | null;
}

/** One step: what is done and why, the cage as it stands then, and where it is ticked off. */
export function StepPanel({ answer, step, number, ticked, move, refused }: StepPanelProps) {
  const style = useJobStyle();
  const evaluation = useEvaluation();
  const tubes = useMemo(() => tubesIn(evaluation), [evaluation]);
  const caution = stepCaution(step);
  const key = keyOfStep(step);
  const top = useRef<HTMLElement>(null);
  const shown = useRef(key);
  useEffect(() => {
    // Another step is read from its beginning, however far the one before was scrolled.
    if (shown.current !== key) scrolledBy(top.current)?.scrollTo({ top: 0 });
    shown.current = key;
  }, [key]);
  return (
    <section ref={top} aria-label="The step" className="space-y-4">
      <h1 className="text-2xl">
        Step {number}: <Typeset text={stepTitle(step, style)} />
      </h1>
      <ul className="max-h-60 space-y-1 overflow-y-auto">
        {stepReasons(step, style).map((line, i) => (
          <li key={i}>
            <Typeset text={line} />
          </li>
        ))}
      </ul>
      <StepPicture step={step} tubes={tubes} />
      <DoneForm key={key} step={step} ticked={ticked} />
      <WrittenAtStep step={step} />
      {step.work.kind === 'tack' && <MoveButtons answer={answer} step={step} move={move} />}
      {refused && (
        <p role="alert" className="text-out font-semibold">
          {refused}
        </p>
      )}
      {step.work.kind === 'weld' && (
        <p className="text-quiet text-sm">
          It stands where the tubes round it put it: move those, and it moves with them.
        </p>
      )}
      {caution && <p className="border-look border-l-4 bg-white p-3">{caution}</p>}
    </section>
  );
}

/** The element that scrolls what is in it. */
function scrolledBy(inner: HTMLElement | null): HTMLElement | null {
  for (let at = inner?.parentElement ?? null; at; at = at.parentElement)
    if (['auto', 'scroll'].includes(getComputedStyle(at).overflowY)) return at;
  return null;
}

function MoveButtons({ answer, step, move }: Pick<StepPanelProps, 'answer' | 'step' | 'move'>) {
  const groups = answer.steps.map((one) => tubesOfStep(one, answer)).filter((tubes) => tubes.length > 0);
  const own = tubesOfStep(step, answer);
  const at = groups.findIndex(([first]) => first === own[0]);
  const { earlier, later } = neighbours(groups, at, answer.order);
  return (
    <div className="flex gap-3">
      <Button disabled={earlier === null} onClick={() => earlier !== null && move(earlier)}>
        Move earlier <ArrowUp aria-hidden="true" className="size-4" />
      </Button>
      <Button disabled={later === null} onClick={() => later !== null && move(later)}>
        Move later <ArrowDown aria-hidden="true" className="size-4" />
      </Button>
    </div>
  );
}
