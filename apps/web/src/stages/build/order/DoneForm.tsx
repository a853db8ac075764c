import { type BuildEntryDto, type PhotoKept } from '@gyrus/contract';
import { type BuildStep, isDone, type Length, sizeOf, type Ticked, type Welded } from '@gyrus/core';
import { measuredWords, stepTitle } from '@gyrus/formats';
import { format } from 'date-fns';
import { useState } from 'react';
import { useParams } from 'react-router';
import { JobPhotos } from '../../../job/photos/JobPhotos.tsx';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { TextField } from '../../../shared/fields/TextField.tsx';
import { WhoField } from '../../../shared/fields/WhoField.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { useKept } from '../../../shared/server/useKept.ts';
import { useWho } from '../../../shared/server/useWho.ts';
import { ByProcedure, useProcedures } from './ByProcedure.tsx';
import { EMPTY_SAID, type Said, saidIn } from './said.ts';
import { keyOfStep } from './stepGroups.ts';
import { type EntrySaid, useMakeEntry, useWriteEntry } from './useBuildEntries.ts';

const NO_SEAMS: Welded[] = [];

/** Ticks a step off: by whom, how long it took, what was taped, what there is to say of it. What is typed stays until it is written down. */
export function DoneForm({ step, ticked }: { step: BuildStep; ticked: Map<string, Ticked> }) {
  const { jobId = '' } = useParams();
  const branch = usePlanStore((state) => state.branch);
  const style = useJobStyle();
  const [who] = useWho();
  const [said, keepSaid] = useKept<Said>(`gyrus-step/${jobId}/${branch}/${keyOfStep(step)}`, saidIn);
  const change = (changes: Partial<Said>) => keepSaid({ ...said, ...changes });
  const write = useWriteEntry();
  const make = useMakeEntry();
  const done = isDone(step, ticked);
  const seams = step.work.kind === 'weld' ? step.work.seams : NO_SEAMS;
  const procedures = useProcedures(seams, said.procedure);
  const send = (kind: BuildEntryDto['kind']) => {
    const entry: EntrySaid = {
      ...{ kind, ticks: step.ticks, who, title: stepTitle(step, style) },
      ...(kind === 'done' && {
        took: { kind: step.work.kind, size: sizeOf(step), minutes: minutesIn(said) },
        readings: readingsOf(step, said),
        procedure: (seams.length > 0 && procedures.chosen?.id) || null,
      }),
      ...(kind !== 'undone' && { note: said.note.trim(), photos: said.photos }),
    };
    write.mutate(make(entry), { onSuccess: () => kind !== 'undone' && keepSaid(EMPTY_SAID) });
  };
  const canWrite = who.trim() !== '' && !write.isPending;
  const hasNote = said.note.trim() !== '' || said.photos.length > 0;
  return (
    <div className="space-y-3">
      {done ? (
        <Done step={step} ticked={ticked} undo={() => send('undone')} disabled={!canWrite} />
      ) : (
        <>
          <Tapes step={step} said={said} change={change} />
          {seams.length > 0 && (
            <ByProcedure {...procedures} seams={seams} choose={(procedure) => change({ procedure })} />
          )}
          <WhoAndHowLong said={said} change={change} ready={canWrite} send={() => send('done')} />
        </>
      )}
      <Note said={said} change={change} />
      {hasNote && (
        <Button disabled={!canWrite} onClick={() => send('note')}>
          Keep the note{said.photos.length > 0 && ' and photos'}
        </Button>
      )}
    </div>
  );
}

/** The minutes that were typed; null where none were. */
const minutesIn = ({ minutes }: Said): number | null => (minutes.trim() === '' ? null : Number(minutes));

interface WhoAndHowLongProps extends Omit<SaidProps, 'step'> {
  ready: boolean;
  send: () => void;
}

/** By whom, and how long it took, with the press that ticks it off. */
function WhoAndHowLong({ said, change, ready, send }: WhoAndHowLongProps) {
  const [who] = useWho();
  const minutes = minutesIn(said);
  const wrong = minutes !== null && !(minutes >= 0 && minutes <= 10_000);
  return (
    <>
      <div className="grid items-end gap-3 sm:grid-cols-[1fr_9rem_auto]">
        <WhoField label="who" />
        <TextField
          label="minutes it took"
          value={said.minutes}
          inputMode="numeric"
          placeholder="if kept"
          fault={wrong ? 'a number of minutes' : undefined}
          onChange={(event) => change({ minutes: event.target.value })}
        />
        <Button kind="strong" disabled={!ready || wrong} onClick={send}>
          {who.trim() === '' ? 'Done' : `Done, by ${who.trim()}`}
        </Button>
      </div>
      {who.trim() === '' && <p className="text-quiet text-sm">A step is ticked off by somebody: say who.</p>}
    </>
  );
}

interface DoneProps {
  step: BuildStep;
  ticked: Map<string, Ticked>;
  undo: () => void;
  disabled: boolean;
}

/** Who did it, and when; taken back by two presses. */
function Done({ step, ticked, undo, disabled }: DoneProps) {
  const [asking, setAsking] = useState(false);
  const by = ticked.get(keyOfStep(step));
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p>
        <StatusMark status="clear" word="done" />
        {by && `, by ${by.who}, ${format(new Date(by.at), 'd MMMM, HH:mm')}`}
      </p>
      {asking ? (
        <>
          <Button kind="danger" disabled={disabled} onClick={undo}>
            It is not done
          </Button>
          <Button onClick={() => setAsking(false)}>Leave it</Button>
        </>
      ) : (
        <Button onClick={() => setAsking(true)}>Take it back</Button>
      )}
    </div>
  );
}

interface SaidProps {
  step: BuildStep;
  said: Said;
  change: (changes: Partial<Said>) => void;
}

/** Boxes for what is taped in a step, each beside what was planned. */
function Tapes({ step, said, change }: SaidProps) {
  const style = useJobStyle();
  if (step.work.kind !== 'measure') return null;
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {step.work.checks.map((check) => (
        <QuantityInput
          key={check.key}
          label={measuredWords(check, style)}
          kind={lengthKind(style, { least: 0, usual: [50, 5000] })}
          value={said.taped[check.key] ?? null}
          optional
          onChange={(taped) => change({ taped: withTaped(said.taped, check.key, taped) })}
        />
      ))}
    </div>
  );
}

function withTaped(taped: Said['taped'], what: string, value: Length | null): Said['taped'] {
  const others = Object.fromEntries(Object.entries(taped).filter(([key]) => key !== what));
  return value ? { ...others, [what]: value } : others;
}

const readingsOf = ({ work }: BuildStep, { taped }: Said): EntrySaid['readings'] =>
  work.kind === 'measure'
    ? Object.entries(taped).map(([what, length]) => ({
        what: `${work.when}:${what}`,
        taped: length,
        turned: null,
      }))
    : [];

function Note({ said, change }: Omit<SaidProps, 'step'>) {
  const add = (kept: PhotoKept) => change({ photos: [...said.photos, kept] });
  return (
    <div className="space-y-2">
      <TextField
        label="note"
        value={said.note}
        maxLength={4000}
        onChange={(event) => change({ note: event.target.value })}
      />
      <JobPhotos
        label="photo of this step"
        photos={said.photos}
        onAdd={add}
        onTakeOut={(file) => change({ photos: said.photos.filter((one) => one.file !== file) })}
      />
    </div>
  );
}
