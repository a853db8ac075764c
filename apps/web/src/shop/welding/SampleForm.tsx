import { itemAt, type WeldPosition, type WeldProcedure } from '@gyrus/core';
import { useState } from 'react';
import { chosenIn } from '../../shared/fields/chosenIn.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { WhoField } from '../../shared/fields/WhoField.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { useKeptThen } from '../../shared/frame/Dialog.tsx';
import { useWho } from '../../shared/server/useWho.ts';
import { useWeldingChange } from '../../shared/server/useWelding.ts';

const VERDICTS = [
  { value: 'sound', text: 'sound' },
  { value: 'not sound', text: 'not sound' },
] as const;

/** What was seen in a sample that was welded by a procedure and cut open. */
export function SampleForm({ procedure, done }: { procedure: WeldProcedure; done: () => void }) {
  const change = useWeldingChange();
  const kept = useKeptThen(done);
  const [who] = useWho();
  const [id] = useState(() => crypto.randomUUID());
  const [position, setPosition] = useState<WeldPosition>(itemAt(procedure.positions, 0));
  const [verdict, setVerdict] = useState<'sound' | 'not sound' | ''>('');
  const [note, setNote] = useState('');
  const positions = procedure.positions.map((value) => ({ value, text: value }));
  const send = () => {
    const at = new Date().toISOString();
    const sample = { id, position, who, at, sound: verdict === 'sound', note: note.trim() };
    change.mutate({ of: procedure.id, sample }, { onSuccess: kept });
  };
  return (
    <div className="space-y-3">
      <SelectField
        label="it was welded"
        value={position}
        options={positions}
        onChange={(event) => setPosition(chosenIn(positions, event.target.value) ?? position)}
      />
      <WhoField label="welded by" />
      <Segmented<'sound' | 'not sound' | ''>
        label="cut open, polished and etched it is"
        value={verdict}
        options={VERDICTS}
        onChange={setVerdict}
      />
      <TextField
        label="what was seen: root, legs, pores, undercut"
        value={note}
        maxLength={4000}
        onChange={(event) => setNote(event.target.value)}
      />
      <p className="text-quiet text-sm">Its photo is put to it once it is written down.</p>
      <Button kind="strong" disabled={verdict === '' || who.trim() === '' || change.isPending} onClick={send}>
        Write it down
      </Button>
    </div>
  );
}
