import { hoopFront, type MemberAnswer, MEASURES } from '@gyrus/core';
import { useCallback } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/DrawingView.tsx';
import { FindingList } from '../../shared/FindingList.tsx';
import { HoopFigures } from './HoopFigures.tsx';
import { HoopInspector } from './HoopInspector.tsx';

const SHAPING = new Set([
  'in-body',
  'impossible',
  'does-not-bend',
  'contradiction',
  'contradiction-settled',
  'asymmetry',
]);

/** The hoop from behind in the car's section, gaps dimensioned on both sides, its parameters beside it. */
export function DesignStage() {
  const { members, findings, totals } = useEvaluation();
  const [answer] = members;
  const style = useJobStyle();
  if (!answer) return null;
  const shaping = findings.filter(
    (finding) => SHAPING.has(finding.code) || (finding.rule && finding.code !== 'asked'),
  );
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_330px] xl:grid-cols-[minmax(0,1fr)_370px]">
      <section aria-label="The hoop in the car" className="space-y-4">
        <h1 className="text-2xl">
          Main hoop{' '}
          <span className="text-quiet text-base font-medium">looking forward, from the driver's back</span>
        </h1>
        <Front answer={answer} />
        {answer.tube && (
          <p className="figure text-quiet">
            {totals.metres.toFixed(2)} m of tube, {totals.mass.toFixed(1)} kg (
            {(totals.mass / 0.45359237).toFixed(1)} lb),{' '}
            {'hoop' in answer.hoop ? answer.hoop.hoop.features.length : 0} bends
          </p>
        )}
        {'hoop' in answer.hoop && <HoopFigures hoop={answer.hoop.hoop} />}
      </section>
      <aside aria-label="Main hoop, its parameters" className="space-y-5">
        <HoopInspector answer={answer} />
        <div>
          <h2 className="mb-2 text-lg">Findings</h2>
          <FindingList findings={shaping} style={style} />
        </div>
      </aside>
    </div>
  );
}

function Front({ answer }: { answer: MemberAnswer }) {
  const plan = usePlan();
  const style = useJobStyle();
  const { hoop, tube, sheet, gaps } = answer;
  const draw = useCallback(
    (width: number) =>
      'hoop' in hoop && tube
        ? hoopFront(hoop.hoop, tube, sheet, {
            width,
            height: Math.round(width * 0.6),
            style,
            body: { measures: plan.survey.measures, gaps },
          })
        : null,
    [hoop, tube, sheet, gaps, plan.survey.measures, style],
  );
  if ('hoop' in hoop && tube)
    return <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />;
  return <NoHoopYet answer={answer} />;
}

function NoHoopYet({ answer }: { answer: MemberAnswer }) {
  const none = 'none' in answer.hoop ? answer.hoop.none : null;
  return (
    <div className="bg-sheet border-rule rounded-machined border p-6">
      {none?.why === 'missing' && (
        <p>
          The hoop is drawn as soon as these are measured:{' '}
          {none.missing.map((key) => MEASURES[key].label).join('; ')}.
        </p>
      )}
      {none?.why === 'contradiction' && (
        <p>The wall's lean and the widths contradict each other: say which to trust.</p>
      )}
      {none?.why === 'impossible' && <p>{none.message}.</p>}
      {!none && <p>The bends do not fit this hoop: see the findings.</p>}
      <Link to="../survey" className="mt-3 inline-flex min-h-10 items-center font-semibold underline">
        Go to Survey
      </Link>
    </div>
  );
}
