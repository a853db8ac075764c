import { type BuildAnswer, isDone, itemAt, type Ticked } from '@gyrus/core';
import { orderFaultWords, stepTitle } from '@gyrus/formats';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useBuild } from '../../answers/useAnswers.ts';
import { sayProgress } from '../../job/buildProgress.ts';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { BuildTabs } from './BuildTabs.tsx';
import { BuildSide } from './order/BuildSide.tsx';
import { CopesDialog } from './order/CopesDialog.tsx';
import { fitOrderWith, type Move, moveOf, standsAlready } from './order/moveTubes.ts';
import { PrintList } from './order/PrintList.tsx';
import { keyOfStep, tubesOfStep } from './order/stepGroups.ts';
import { StepList } from './order/StepList.tsx';
import { StepPanel } from './order/StepPanel.tsx';
import { useTicked } from './order/useBuildEntries.ts';

/** From tubes to cage: every step in its order with its reason, what is done, and what is still to be got. */
export function BuildStage() {
  const answer = useBuild();
  if (!answer)
    return (
      <div className="space-y-4 p-5">
        <BuildTabs />
        <h1 className="text-2xl">Order of build</h1>
        <p role="status" className="text-quiet">
          Working out which tube goes on when, and where the torch gets at its seams…
        </p>
      </div>
    );
  if (answer.tubes.length === 0)
    return (
      <div className="space-y-4 p-5">
        <BuildTabs />
        <h1 className="text-2xl">Order of build</h1>
        <p className="bg-sheet border-rule rounded-machined border p-5">
          No tube stands yet. The order of build follows from the cage: measure the car at Survey, and add
          tubes at Design.
        </p>
      </div>
    );
  return <Order answer={answer} />;
}

function Order({ answer }: { answer: BuildAnswer }) {
  const ticked = useTicked();
  const [params, setParams] = useSearchParams();
  const { refused, asking, drag, move, answerTo } = useMoves(answer, ticked);
  const { steps } = answer;
  const wanted = steps.findIndex((step) => keyOfStep(step) === params.get('step'));
  const next = steps.findIndex((step) => !isDone(step, ticked));
  const at = wanted >= 0 ? wanted : Math.max(next, 0);
  const step = itemAt(steps, at);
  const plan = usePlan();
  useEffect(() => {
    sayProgress({ plan, next: (next < 0 ? steps.length : next) + 1, steps: steps.length });
  }, [plan, next, steps.length]);
  const done = steps.filter((one) => isDone(one, ticked)).length;
  return (
    <div className="grid lg:grid-cols-[22rem_1fr_18rem]">
      <div className="border-rule self-start border-r lg:sticky lg:top-0">
        <div className="space-y-2 p-4 pb-0">
          <BuildTabs />
          <div className="flex items-center justify-between gap-3">
            <p>
              <b className="figure">
                {done} of {steps.length}
              </b>{' '}
              steps done
            </p>
            <PrintList />
          </div>
        </div>
        <div className="lg:max-h-[calc(100vh-8rem)] lg:overflow-y-auto">
          <StepList
            steps={steps}
            ticked={ticked}
            selected={keyOfStep(step)}
            onSelect={(key) => setParams({ step: key })}
            onDrag={drag}
          />
        </div>
      </div>
      <div className="bg-sheet2 p-5">
        <StepPanel
          answer={answer}
          step={step}
          number={at + 1}
          ticked={ticked}
          move={(before) => move(step, before)}
          refused={refused?.key === keyOfStep(step) ? refused.why : null}
        />
      </div>
      <aside className="border-rule border-l p-4">
        <BuildSide answer={answer} ticked={ticked} />
      </aside>
      {asking && <CopesDialog answer={answer} move={asking} onAnswer={answerTo} />}
    </div>
  );
}

/** Taking tubes to another place of the order: refused with its reason, asked about where copes change, or done. */
function useMoves(answer: BuildAnswer, ticked: Map<string, Ticked>) {
  const style = useJobStyle();
  const plan = usePlan();
  const change = usePlanStore((store) => store.change);
  const [, setParams] = useSearchParams();
  const [refused, setRefused] = useState<{ key: string; why: string } | null>(null);
  const [asking, setAsking] = useState<Move | null>(null);
  const take = ({ order }: Move) =>
    change(`fitOrder/${order.join()}`, (draft) => {
      draft.fitOrder = fitOrderWith(plan, answer, order);
    });
  const move = (step: BuildAnswer['steps'][number], before: number) => {
    const found = moveOf(answer, tubesOfStep(step, answer), before);
    const [fault] = found.hard;
    const standing = standsAlready(answer, found, ticked);
    const why = standing ?? (fault && orderFaultWords(fault, answer));
    const key = keyOfStep(step);
    setRefused(why ? { key, why: `“${stepTitle(step, style)}” cannot go there: ${why}.` } : null);
    setParams({ step: key });
    if (why) return;
    if (found.copes.length > 0) setAsking(found);
    else take(found);
  };
  const drag = (key: string, over: string) => {
    const [from, to] = [key, over].map((one) => answer.steps.find((step) => keyOfStep(step) === one));
    if (!from || !to) return;
    // The tubes of a step stand beside each other in the order.
    const [own, others] = [tubesOfStep(from, answer), tubesOfStep(to, answer)];
    const [start, target] = [answer.order.indexOf(itemAt(own, 0)), answer.order.indexOf(itemAt(others, 0))];
    move(from, start < target ? target + others.length : target);
  };
  const answerTo = (yes: boolean) => {
    if (yes && asking) take(asking);
    setAsking(null);
  };
  return { refused, asking, drag, move, answerTo };
}
