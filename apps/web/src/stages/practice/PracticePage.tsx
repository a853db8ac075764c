import { type BendSheet, formatWithUnit, pieceAnswerOf, tapeHook } from '@gyrus/core';
import { isRolled } from '@gyrus/formats';
import { Link, useParams, useSearchParams } from 'react-router';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { useKept } from '../../shared/server/useKept.ts';
import { StepCards } from '../bend/StepCards.tsx';
import { AtBench } from './AtBench.tsx';
import { Judged } from './Judged.tsx';
import { freshBend, freshSeed, type Practice, practiceIn } from './practised.ts';

/** A bender that is not there, for learning on: the tube's own sheet, a springback that nobody knows, and the part that comes of it. */
export function PracticePage() {
  const evaluation = useEvaluation();
  const [address] = useSearchParams();
  const pieces = evaluation.members.flatMap((member) => member.pieces);
  const piece = address.get('tube') ?? pieces.find(({ sheet }) => sheet !== null)?.piece ?? '';
  const sheet = pieceAnswerOf(evaluation, piece)?.answer.sheet ?? null;
  const back = (
    <Link to={`../bend?tube=${piece}`} className="font-semibold underline">
      Back to Bend
    </Link>
  );
  if (!sheet || sheet.bends.length === 0 || sheet.bends.some(isRolled))
    return (
      <div className="space-y-3 p-5">
        <h1 className="text-2xl">Practice bench</h1>
        <p>
          {!sheet
            ? 'This tube has no marks yet: choose a die at Bend first.'
            : 'Only a tube that is pulled round a die can be practised.'}
        </p>
        {back}
      </div>
    );
  return (
    <div className="space-y-5 p-5">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1 className="text-2xl">Practice bench: {sheet.stamp}</h1>
        {back}
      </div>
      <p className="max-w-prose">
        A bender with a springback of its own, which nobody tells. Set each pull by the sheet, as at the
        machine: no steel is lost here, and what is wrong shows in the part.
      </p>
      <Bench key={piece} sheet={sheet} />
    </div>
  );
}

function Bench({ sheet }: { sheet: BendSheet }) {
  const { jobId = '' } = useParams();
  const style = useJobStyle();
  const [practice, keep] = useKept(`gyrus-practice/${jobId}/${sheet.piece}`, practiceIn);
  const order = sheet.steps.map(({ bend }) => bend);
  const at = order.findIndex(
    (number) => !practice.bends.some(({ bend, closed }) => bend === number && closed),
  );
  const number = order[at];
  const bend = sheet.bends.find((one) => one.number === number);
  const current = practice.bends.find((one) => one.bend === number) ?? freshBend(number ?? 0);
  const another = (next: Partial<Practice>) => keep({ ...practice, bends: [], ...next });
  const hook = tapeHook(sheet, 'a', null);
  return (
    <>
      <p className="text-quiet">
        <Typeset
          text={`Pieces bent on this bender before: ${practice.pieces}; tube wasted: ${formatWithUnit(practice.wasted, style)}.`}
        />{' '}
        <Button kind="quiet" onClick={() => another({ seed: freshSeed(), pieces: 0, wasted: 0 })}>
          Another bender
        </Button>
      </p>
      {bend ? (
        <AtBench
          key={bend.number}
          sheet={sheet}
          bend={bend}
          first={at === 0}
          position={at + 1}
          practice={practice}
          current={current}
          keep={(made) =>
            keep({ ...practice, bends: [...practice.bends.filter((one) => one.bend !== made.bend), made] })
          }
        />
      ) : (
        <Judged
          sheet={sheet}
          practice={practice}
          again={(wasted) => another({ pieces: practice.pieces + 1, wasted: practice.wasted + wasted })}
        />
      )}
      <h2 className="text-lg">The sheet, all marks from end A</h2>
      <StepCards sheet={sheet} hook={hook} fixed />
    </>
  );
}
