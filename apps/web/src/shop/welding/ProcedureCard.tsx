import { type WeldProcedure, type WeldSample } from '@gyrus/core';
import { weldProcedureWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { Camera, Plus } from 'lucide-react';
import { useState } from 'react';
import { FileButton } from '../../shared/fields/FileButton.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';
import { useWeldingChange } from '../../shared/server/useWelding.ts';
import { SampleForm } from './SampleForm.tsx';

/** A procedure, with what was seen in the samples of it that were cut open. */
export function ProcedureCard({ procedure }: { procedure: WeldProcedure }) {
  const { id, name, positions, who, at, setAside, samples } = procedure;
  const change = useWeldingChange();
  const [adding, setAdding] = useState(false);
  const untried = positions.filter((one) => !samples.some(({ position }) => position === one));
  return (
    <section aria-label={name} className="bg-sheet border-rule rounded-machined space-y-3 border p-5">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h3 className="text-xl">{name}</h3>
        <p className="text-quiet text-sm">
          written by {who}, {format(new Date(at), 'd MMMM yyyy')}
        </p>
      </div>
      <p>
        <Typeset text={weldProcedureWords(procedure)} />; for seams that lie {positions.join(', ')}.
      </p>
      <ul className="space-y-2">
        {samples.map((sample) => (
          <SampleRow key={sample.id} sample={sample} />
        ))}
        {untried.length > 0 && !setAside && (
          <li>
            <StatusMark status="ask" /> No sample was cut open: {untried.join(', ')}.
          </li>
        )}
      </ul>
      <div className="flex gap-3">
        <Button onClick={() => setAdding(true)} disabled={setAside}>
          <Plus aria-hidden="true" className="size-5" />A sample was cut open
        </Button>
        <Button
          kind="quiet"
          disabled={change.isPending}
          onClick={() => change.mutate({ of: id, setAside: !setAside })}
        >
          {setAside ? 'Take it up again' : 'Set it aside'}
        </Button>
      </div>
      <Dialog title={`Sample of ${name}`} open={adding} onClose={() => setAdding(false)}>
        <SampleForm procedure={procedure} done={() => setAdding(false)} />
      </Dialog>
    </section>
  );
}

function SampleRow({ sample: { id, position, who, at, sound, note, photo } }: { sample: WeldSample }) {
  const change = useWeldingChange();
  const address = `/api/welding/samples/${id}/photo`;
  return (
    <li className="flex flex-wrap items-center gap-3">
      <StatusMark status={sound ? 'clear' : 'out'} word={sound ? 'sound' : 'not sound'} />
      <span>
        {position}, welded by <b>{who}</b>, cut open {format(new Date(at), 'd MMMM yyyy')}
        {note && `: “${note}”`}
      </span>
      {photo ? (
        <a href={address} target="_blank" rel="noreferrer">
          <img src={address} alt={`${position}, cut open: ${photo}`} className="h-20 w-28 object-cover" />
        </a>
      ) : (
        <FileButton
          label={`photo of the cut, ${position}, by ${who}`}
          accept="image/*"
          busy={change.isPending}
          onFile={(photo) => change.mutate({ sample: id, photo })}
        >
          <Camera aria-hidden="true" className="size-4" />
          Add its photo
        </FileButton>
      )}
    </li>
  );
}
