import { type BendSheet, formatAngle, itemAt, pieceAnswerOf, type TubeChoice } from '@gyrus/core';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind } from '../../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { TextField } from '../../../shared/fields/TextField.tsx';
import { WhoField } from '../../../shared/fields/WhoField.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Dialog } from '../../../shared/frame/Dialog.tsx';
import { useWho } from '../../../shared/server/useWho.ts';
import { type Spoiled, useSpoiled } from './useSpoiled.ts';

interface SpoiledDialogProps {
  piece: string;
  /** Of the stick that it was sawn from. */
  batch: string;
  onClose: () => void;
}

/** A piece that was spoiled: why, how far it was bent, and where it lies now. It is written into the log and put on the rack. */
export function SpoiledDialog({ piece, batch, onClose }: SpoiledDialogProps) {
  const { members } = usePlan();
  const found = pieceAnswerOf(useEvaluation(), piece);
  const sheet = found?.answer.sheet;
  const tube = members.find(({ id }) => id === found?.of.member)?.tube;
  return (
    <Dialog title={`${found?.answer.stamp ?? 'It'} is spoiled`} open onClose={onClose}>
      {sheet && tube ? (
        <SpoiledForm sheet={sheet} tube={{ ...tube, batch: batch || tube.batch }} done={onClose} />
      ) : (
        <p>This tube is not in the plan any more.</p>
      )}
    </Dialog>
  );
}

interface SpoiledFormProps {
  sheet: BendSheet;
  tube: TubeChoice;
  done: () => void;
}

function SpoiledForm({ sheet, tube, done }: SpoiledFormProps) {
  const { jobId = '' } = useParams();
  const [who] = useWho();
  const [said, setSaid] = useState<Omit<Spoiled, 'who'>>({ pulls: 0, last: null, reason: '', place: '' });
  const { send, sending } = useSpoiled(jobId, useJobStyle(), done);
  const change = (changes: Partial<Spoiled>) => setSaid({ ...said, ...changes });
  return (
    <div className="space-y-3">
      <HowFar sheet={sheet} said={said} change={change} />
      <TextField
        label="why it is spoiled"
        value={said.reason}
        maxLength={120}
        onChange={(event) => change({ reason: event.target.value })}
      />
      <TextField
        label="where it lies now"
        value={said.place}
        maxLength={120}
        onChange={(event) => change({ place: event.target.value })}
      />
      <WhoField label="says who" />
      <Button
        kind="strong"
        disabled={said.reason.trim() === '' || who.trim() === '' || sending}
        onClick={() => void send(sheet, tube, { ...said, who })}
      >
        Into the log, and onto the rack
      </Button>
    </div>
  );
}

interface HowFarProps {
  sheet: BendSheet;
  said: Omit<Spoiled, 'who'>;
  change: (changes: Partial<Spoiled>) => void;
}

/** How many of its pulls were made, and what the last of them came out at. */
function HowFar({ sheet, said: { pulls, last }, change }: HowFarProps) {
  const steps = sheet.steps.map(({ bend }, i) => ({
    value: String(i + 1),
    text: `${i + 1} pull${i === 0 ? '' : 's'}: up to bend ${bend}`,
  }));
  const bend = pulls > 0 ? itemAt(sheet.steps, pulls - 1).bend : null;
  return (
    <>
      <SelectField
        label="how far it was bent"
        options={[{ value: '0', text: 'not at all' }, ...steps]}
        value={String(pulls)}
        onChange={(event) => change({ pulls: Number(event.target.value) })}
      />
      {bend !== null && (
        <QuantityInput
          label={`what bend ${bend} has, released (empty: as planned)`}
          kind={angleKind({ above: 0, most: 179 })}
          value={last}
          onChange={(value) => change({ last: value })}
          placeholder={formatAngle(sheet.bends.find(({ number }) => number === bend)?.angle ?? 0)}
          optional
        />
      )}
    </>
  );
}
