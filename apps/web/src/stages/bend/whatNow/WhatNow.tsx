import {
  afterBend,
  asMade,
  type BendSheet,
  type OneOtherwise,
  pulledAs,
  toCome,
  turnOf,
  itemAt,
  saidIn,
  type SheetBend,
  stillBecomes,
  writeSaid,
} from '@gyrus/core';
import { correctionWords, endsWords, isRolled, stillBecomesWords } from '@gyrus/formats';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { FindingList } from '../../../shared/figures/FindingList.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { type BendMeasures, useBendMeasures } from './keptMeasures.ts';
import { DialReadBox, OffPlaceBox, ReleasedBox, TurnedBox } from './MeasureBoxes.tsx';
import { WriteDown } from './WriteDown.tsx';

/** After a bend was released and measured: pull further, or what the part is now and what can still take it. */
export function WhatNow({ sheet }: { sheet: BendSheet }) {
  const [at, setAt] = useState(0);
  const pulled = sheet.steps.flatMap((step) => sheet.bends.filter(({ number }) => number === step.bend));
  const bends = pulled.filter((bend) => !isRolled(bend));
  if (bends.length === 0) return null;
  const step = Math.min(at, bends.length - 1);
  const bend = itemAt(bends, step);
  return (
    <section aria-label="What now?" className="space-y-3">
      <h2 className="text-lg">
        What now?{' '}
        <span className="text-quiet text-base font-medium">
          when a bend is released: measure it before it leaves the bender
        </span>
      </h2>
      <Segmented
        label="bent last"
        value={String(step)}
        options={bends.map(({ number }, i) => ({ value: String(i), text: `step ${i + 1}: bend ${number}` }))}
        onChange={(next) => setAt(Number(next))}
      />
      <Measured key={bend.number} sheet={sheet} bend={bend} />
    </section>
  );
}

interface MeasuredProps {
  sheet: BendSheet;
  bend: SheetBend;
}

function Measured({ sheet, bend }: MeasuredProps) {
  const { jobId = '' } = useParams();
  const [measures, keep] = useBendMeasures(jobId, sheet.piece, bend.number);
  const change = (changes: Partial<BendMeasures>) => keep({ ...measures, ...changes });
  // What is measured anew is another entry of the log.
  const remeasured = (changes: Partial<BendMeasures>) =>
    change({ ...changes, id: null, at: null, written: false });
  return (
    <>
      <MeasureFields first={turnOf(sheet, bend).isFirst} measures={measures} change={remeasured} />
      <Answer sheet={sheet} bend={bend} measures={measures} />
      <WriteDown job={jobId} sheet={sheet} bend={bend} measures={measures} change={change} />
    </>
  );
}

interface MeasureFieldsProps {
  /** The first bend has nothing to be turned from. */
  first: boolean;
  measures: BendMeasures;
  change: (changes: Partial<BendMeasures>) => void;
}

const YES_NO = [
  { value: 'yes', text: 'yes' },
  { value: 'no', text: 'no' },
] as const;

function MeasureFields({ first, measures, change }: MeasureFieldsProps) {
  const style = useJobStyle();
  const { zeroed, slipped } = measures;
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <DialReadBox measures={measures} change={change} />
      <ReleasedBox measures={measures} change={change} by="protractor" />
      <OffPlaceBox measures={measures} change={change} style={style} />
      {!first && <TurnedBox measures={measures} change={change} />}
      <Segmented
        label="was the dial zeroed under preload?"
        value={zeroed ? 'yes' : 'no'}
        options={YES_NO}
        onChange={(value) => change({ zeroed: value === 'yes' })}
      />
      <Segmented
        label="did the tube slip in the clamp?"
        value={slipped ? 'yes' : 'no'}
        options={YES_NO}
        onChange={(value) => change({ slipped: value === 'yes' })}
      />
    </div>
  );
}

function Answer({ sheet, bend, measures }: MeasuredProps & { measures: BendMeasures }) {
  const style = useJobStyle();
  const { measuringError } = usePlan();
  const { released, reading, zeroed, slipped } = measures;
  if (!released)
    return <p className="text-quiet">Give the released angle, and this says what to do with it.</p>;
  const correction = afterBend(sheet, bend, { ...measures, released }, measuringError.deg);
  const otherwise: OneOtherwise = {
    bend: bend.number,
    made: pulledAs(sheet, bend, { ...measures, released }),
    toCome: toCome(sheet, bend),
  };
  if (!correction.ok)
    return (
      <>
        <p className="text-out font-semibold">{writeSaid(saidIn(correction.fault), style)}.</p>
        <StillBecomes sheet={sheet} otherwise={otherwise} />
      </>
    );
  const { status, sentences } = correctionWords(
    correction.value,
    { zeroed, slipped, read: reading !== null },
    style,
  );
  return (
    <div role="status" className="bg-sheet border-rule rounded-machined space-y-1 border-2 p-3">
      {sentences.map((sentence, i) => (
        <p key={sentence} className={i === 0 ? 'text-xl font-semibold' : ''}>
          {i === 0 && <StatusMark status={status} />} <Typeset text={sentence} />
        </p>
      ))}
      {correction.value.verdict !== 'right' || measures.place || measures.turn ? (
        <>
          <PutInTheCar sheet={sheet} otherwise={otherwise} />
          <StillBecomes sheet={sheet} otherwise={otherwise} />
        </>
      ) : null}
    </div>
  );
}

interface OtherwiseProps {
  sheet: BendSheet;
  otherwise: OneOtherwise;
}

/** The part as it is, put where its end A belongs: what it comes near to in the car, and what its ends do at their joints. */
function PutInTheCar({ sheet, otherwise }: OtherwiseProps) {
  const style = useJobStyle();
  const plan = usePlan();
  const evaluation = useEvaluation();
  const put = asMade(plan, evaluation, sheet, otherwise);
  if (!put.ok) return null;
  const { findings } = put.value;
  return (
    <div className="border-rule mt-2 space-y-1 border-t pt-2">
      <p className="font-semibold">
        Put in the car with its end A where it belongs, all bends to come as planned:
      </p>
      {endsWords(put.value, style).map((words) => (
        <p key={words}>
          <Typeset text={words} />
        </p>
      ))}
      {findings.length > 0 ? (
        <FindingList findings={findings} style={style} />
      ) : (
        <p>
          <StatusMark status="clear" /> It meets nothing measured that the planned tube does not meet.
        </p>
      )}
    </div>
  );
}

/** What a piece whose marks no longer hold can still become: itself with its marks moved, or another tube of the cage. */
function StillBecomes({ sheet, otherwise }: OtherwiseProps) {
  const style = useJobStyle();
  const plan = usePlan();
  const evaluation = useEvaluation();
  const becomes = stillBecomes(plan, evaluation, sheet, otherwise);
  if (becomes === null) return null;
  if (becomes.length === 0)
    return (
      <p className="pt-2 font-semibold">
        No other tube of this cage can be made of it where this bend lies, with what there is to cut off.
      </p>
    );
  return (
    <>
      <p className="pt-2 font-semibold">
        What the piece can still become, if the bends before it are as planned:
      </p>
      <ul className="list-disc space-y-1 pl-5">
        {becomes.map((one) => (
          <li key={`${one.stamp}/${one.turned}/${one.cut.join('/')}`}>
            <Typeset text={stillBecomesWords(one, style)} />
          </li>
        ))}
      </ul>
    </>
  );
}
