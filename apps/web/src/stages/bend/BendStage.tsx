import { type Member, pieceAnswerOf, type SheetDatum } from '@gyrus/core';
import { pieceName, tubeWords } from '@gyrus/formats';
import { Link, useSearchParams } from 'react-router';
import { PieceList } from '../../job/fields/PieceList.tsx';
import { usePlan } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useMemberEdit } from '../../job/fields/useMember.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { FindingList } from '../../shared/figures/FindingList.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Stamp } from '../../shared/figures/Stamp.tsx';
import { IssuePanel } from './IssuePanel.tsx';
import { DriftPanel } from './DriftPanel.tsx';
import { AddedBend } from './whatNow/AddedBend.tsx';
import { WhatNow } from './whatNow/WhatNow.tsx';
import { Outcome } from './outcome/Outcome.tsx';
import { AtMachine } from './machine/AtMachine.tsx';
import { ToolingPanel } from './ToolingPanel.tsx';
import { MarkOutFromEar, MarkOut } from './MarkOut.tsx';

const DATUMS: { value: SheetDatum; text: string }[] = [
  { value: 'centre', text: 'centre' },
  { value: 'a', text: 'end A' },
  { value: 'b', text: 'end B' },
  { value: 'ear-a', text: 'ear A' },
  { value: 'ear-b', text: 'ear B' },
];

/** The mark-out that goes to the bender, tube by tube; the address says which tube. */
export function BendStage() {
  const plan = usePlan();
  const evaluation = useEvaluation();
  const [address, setAddress] = useSearchParams();
  const pieces = evaluation.members.flatMap((member) => member.pieces);
  const found = pieceAnswerOf(evaluation, address.get('tube') ?? pieces[0]?.piece ?? '');
  const member = plan.members.find((one) => one.id === found?.of.member);
  if (!found || !member)
    return (
      <div className="space-y-4 p-5">
        <h1 className="text-2xl">Bend</h1>
        <NoMarks hasTube={false} />
      </div>
    );
  const { of, answer } = found;
  const twin = of.pieces.find((one) => one.side !== answer.side && one.side !== null)?.sheet ?? null;
  const dieRadius = plan.dies.find(({ id }) => id === member.bending.die)?.clr.mm ?? null;
  const Marks = member.bending.datum.startsWith('ear') ? MarkOutFromEar : MarkOut;
  const ends: [string, string] =
    member.role === 'main-hoop' ? ['left foot', 'right foot'] : ['its start', 'its far end'];
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_290px] xl:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label="Mark-out" className="space-y-4">
        <Heading member={member} stamp={answer.stamp} name={pieceName(of.role, answer.side)} />
        <DriftPanel piece={answer.piece} />
        {answer.sheet ? (
          <Marks sheet={answer.sheet} twin={twin} datum={member.bending.datum} />
        ) : (
          <NoMarks hasTube={answer.tube !== null} />
        )}
        {answer.sheet && <AtMachine key={answer.piece} sheet={answer.sheet} />}
        {answer.sheet && <WhatNow key={`now/${answer.piece}`} sheet={answer.sheet} />}
        {answer.tube && <AddedBend key={`added/${answer.piece}`} tube={answer.tube} radius={dieRadius} />}
        {answer.sheet && <Outcome sheet={answer.sheet} hoop={member.role === 'main-hoop'} />}
      </section>
      <aside aria-label="Tooling and findings" className="space-y-5">
        {pieces.length > 1 && (
          <PieceList
            evaluation={evaluation}
            selected={answer.piece}
            onSelect={(piece) => setAddress({ tube: piece }, { replace: true })}
          />
        )}
        {answer.sheet && <IssuePanel piece={answer.piece} />}
        <ToolingPanel member={member} ends={ends} />
        <AtTheBender member={member.id} />
      </aside>
    </div>
  );
}

/** What stands in the way of a tube at the bender, and the usual cautions. */
function AtTheBender({ member }: { member: string }) {
  const { findings } = useEvaluation();
  const style = useJobStyle();
  const about = findings.filter(
    (finding) => finding.rule === null && finding.member === member && finding.code !== 'asymmetry',
  );
  return (
    <>
      <div>
        <h2 className="mb-2 text-lg">Findings</h2>
        <FindingList findings={about} style={style} />
      </div>
      <p className="text-quiet text-sm">
        Tube ends swing: stand clear, hands out of the die. Zero the dial after the preload. If the tube slips
        in the clamp, stop and write it down. Lubricate above 20°.
      </p>
    </>
  );
}

function Heading({ member, stamp, name }: { member: Member; stamp: string; name: string }) {
  const edit = useMemberEdit(member.id);
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      <div className="flex items-center gap-3">
        <Stamp text={stamp} />
        <div>
          <h1 className="text-2xl">{name}</h1>
          <p className="text-quiet">
            <Typeset text={tubeWords(member.tube)} />
          </p>
        </div>
      </div>
      <Segmented
        label="measure from"
        value={member.bending.datum}
        options={DATUMS}
        onChange={(datum) => edit('datum', (draft) => void (draft.bending.datum = datum))}
      />
    </div>
  );
}

const NoMarks = ({ hasTube }: { hasTube: boolean }) => (
  <div className="bg-sheet border-rule rounded-machined border p-6">
    {hasTube ? (
      <p>Choose a die at the right, and the marks follow. The findings say what else stands in the way.</p>
    ) : (
      <p>
        There is nothing to mark out yet: the hoop comes from the{' '}
        <Link to="../survey" className="font-semibold underline">
          Survey
        </Link>
        .
      </p>
    )}
  </div>
);
