import {
  type BendSheet,
  type BendStep,
  fineLength,
  formatAngle,
  formatLength,
  roundLength,
  type SheetBend,
  type TapeHook,
} from '@gyrus/core';
import {
  clampWords,
  dialWords,
  featureName,
  isRolled,
  lineUpWords,
  markSide,
  releaseWords,
  rollFigures,
  schoolWords,
  turnWords,
  zeroWords,
} from '@gyrus/formats';
import { ArrowLeftRight } from 'lucide-react';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useMemberEdit } from '../../job/fields/useMember.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Figure, Typeset } from '../../shared/figures/Figure.tsx';

interface StepCardsProps {
  sheet: BendSheet;
  hook: TapeHook;
  /** Only to be read: the clamp stays where the plan has it. */
  fixed?: boolean;
}

/** One card a pull, in the order in which they are made. */
export function StepCards({ sheet, hook, fixed = false }: StepCardsProps) {
  return (
    <ol className="grid gap-3 xl:grid-cols-2" aria-label="Steps at the bender">
      {sheet.steps.map((step, i) => {
        const bend = sheet.bends.find((one) => one.number === step.bend);
        return (
          bend && (
            <StepCard
              key={bend.number}
              {...{ sheet, hook, step, bend, fixed }}
              first={i === 0}
              position={i + 1}
            />
          )
        );
      })}
    </ol>
  );
}

interface StepCardProps {
  sheet: BendSheet;
  hook: TapeHook;
  step: BendStep;
  bend: SheetBend;
  first: boolean;
  position: number;
  fixed: boolean;
}

function StepCard(props: StepCardProps) {
  return isRolled(props.bend) ? <RollCard {...props} /> : <PullCard {...props} />;
}

/** An arc of the roller: its radius, chord and rise, and where the roll starts and ends. No dial is read. */
function RollCard({ sheet, hook, step, bend, first, position }: StepCardProps) {
  const style = useJobStyle();
  const { roller } = useEvaluation();
  return (
    <li className="bg-sheet border-rule rounded-machined border p-3.5" data-bend={bend.number}>
      <h2 className="text-lg">
        step {position}: roll {bend.number}{' '}
        <span className="text-quiet text-base font-medium">{featureName(bend.feature)}</span>
      </h2>
      <div className="mt-1 flex flex-wrap gap-x-6 gap-y-2">
        {rollFigures(sheet, bend, hook, roller, style).map(({ label, text }) => (
          <Figure key={label} label={label} text={text} />
        ))}
      </div>
      <p className="mt-2 text-sm">
        <Typeset text={`Both places ${hook.words}; ${turnWords(step, first, style)}.`} />
      </p>
      <p className="text-quiet mt-1 text-sm">
        Roll until the rise over the chord is right, and try it on the template. Outer wall about{' '}
        {fineLength(bend.outerWall, style)} after it.
      </p>
    </li>
  );
}

function PullCard({ sheet, hook, step, bend, first, position, fixed }: StepCardProps) {
  const style = useJobStyle();
  const exact = Math.abs(hook.reads(bend.mark));
  const { residual } = roundLength(exact, style);
  const said = [zeroWords(bend), dialWords(sheet, bend, style)].filter((words) => words !== null);
  return (
    <li className="bg-sheet border-rule rounded-machined border p-3.5" data-bend={bend.number}>
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-lg">
          step {position}: bend {bend.number}{' '}
          <span className="text-quiet text-base font-medium">{featureName(bend.feature)}</span>
        </h2>
        {!fixed && <TurnClamp member={sheet.member} bend={bend} />}
      </div>
      <div className="mt-1 grid grid-cols-[1.2fr_1fr_1fr] gap-3">
        <div>
          <div className="text-quiet text-sm">{lineUpWords(bend)}</div>
          <div className="figure text-3xl font-semibold">
            <Typeset text={formatLength(exact, style)} />
          </div>
          <div className="text-quiet text-sm">
            {markSide(hook, bend)};{' '}
            {Math.abs(residual) < 0.05 ? 'exact' : `rounded by ${fineLength(Math.abs(residual), style)}`}
          </div>
        </div>
        <div>
          <div className="text-quiet text-sm">pull to</div>
          <div className="figure text-3xl font-semibold">{formatAngle(bend.dial.to)}°</div>
          {bend.dial.next !== null && (
            <div className="text-quiet figure text-sm">next {formatAngle(bend.dial.next)}°</div>
          )}
        </div>
        <div>
          <div className="text-quiet text-sm">bend angle</div>
          <div className="figure text-xl font-semibold">{formatAngle(bend.angle)}°</div>
          <div className="text-quiet figure text-sm">inside {formatAngle(bend.included)}°</div>
        </div>
      </div>
      <p className="mt-2 text-sm">
        <Typeset text={`${clampWords(bend)}; ${turnWords(step, first, style)}.`} />
      </p>
      {said.map((words) => (
        <p key={words} className="mt-1 text-sm">
          <Typeset text={`${words}.`} />
        </p>
      ))}
      <p className="text-quiet mt-1 text-sm">
        {releaseWords(bend)}; from {schoolWords(bend)}. The clamped end sweeps{' '}
        <Typeset text={formatLength(step.swing, style)} /> at most. Outer wall about{' '}
        {fineLength(bend.outerWall, style)} after the bend.
      </p>
    </li>
  );
}

/** Puts the clamp on the other side of this bend. */
function TurnClamp({ member, bend }: { member: string; bend: SheetBend }) {
  const edit = useMemberEdit(member);
  const other = bend.clampSide === 'a' ? 'b' : 'a';
  return (
    <Button
      kind="quiet"
      aria-label={`Clamp bend ${bend.number} toward ${other.toUpperCase()} instead`}
      title={`Clamp toward ${other.toUpperCase()} instead`}
      onClick={() =>
        edit(`clamp/${bend.feature}`, (draft) => void (draft.bending.clampSideAt[bend.feature] = other))
      }
    >
      <ArrowLeftRight aria-hidden="true" className="size-5" />
    </Button>
  );
}
