import {
  andThen,
  besideEdge,
  type ChordShape,
  fail,
  fineLength,
  formatAngle,
  formatWithUnit,
  type Outcome,
  saidIn,
  type TracedPoint,
  type TracedShape,
  tracedShape,
  type TraceFit,
  TOWARDS,
  type Towards,
  type Vec3,
  writeSaid,
} from '@gyrus/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { traceAway } from '../../../answers/away.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Dialog } from '../../../shared/frame/Dialog.tsx';
import { OffsetsTrace } from './OffsetsTrace.tsx';
import { PhotoTrace } from './PhotoTrace.tsx';
import { TracePicture } from './TracePicture.tsx';

interface TraceDialogProps {
  a: Vec3;
  b: Vec3;
  od: number;
  onTaken: (shape: ChordShape) => void;
  onClose: () => void;
}

const SOURCES = [
  { value: 'offsets', text: 'offsets from a straight edge' },
  { value: 'photo', text: 'a photo with a rule in it' },
] as const;

const EDGES = [
  { value: 'axis', text: 'its middle' },
  { value: 'left', text: 'its left edge, from end A' },
  { value: 'right', text: 'its right edge, from end A' },
] as const;
type TracedEdge = (typeof EDGES)[number]['value'];

/** A tube through a trace that misses it by more than this gets another bend. mm */
const WITHIN = 2;

/** A cardboard, a soft rod or a photo as a take-off: radii fitted, how far the fit misses the trace, mirrored where that is wanted. */
export function TraceDialog({ a, b, od, onTaken, onClose }: TraceDialogProps) {
  const style = useJobStyle();
  const [source, setSource] = useState<(typeof SOURCES)[number]['value']>('offsets');
  const [trace, setTrace] = useState<Outcome<readonly TracedPoint[]> | null>(null);
  const [lies, setLies] = useState<Lies>(() => ({ edge: 'axis', towards: squareTo(a, b), mirrored: false }));
  const { fit, fitting } = useFit(trace, lies.edge, od);
  const taken = fit && andThen(fit, (found) => tracedShape(found, { a, b, ...lies }, style.unit));
  return (
    <Dialog title="A traced shape" open onClose={onClose} wide>
      <div className="space-y-4">
        <Segmented
          label="taken by"
          value={source}
          options={SOURCES}
          onChange={(next) => {
            setSource(next);
            setTrace(null);
          }}
        />
        {source === 'offsets' ? <OffsetsTrace onTrace={setTrace} /> : <PhotoTrace onTrace={setTrace} />}
        <HowItLies lies={lies} onChange={setLies} />
        {trace?.ok && fit?.ok && <TracePicture trace={trace.value} fit={fit.value} />}
        <p role="status" className={taken && !taken.ok ? 'text-out font-semibold' : ''}>
          {fitting && 'Fitting a tube to it…'}
          {taken && !taken.ok && <Typeset text={`${writeSaid(saidIn(taken.fault), style)}.`} />}
          {fit?.ok && taken?.ok && <Told fit={fit.value} taken={taken.value} />}
        </p>
        <Button
          kind="strong"
          disabled={!taken?.ok}
          onClick={() => {
            if (!taken?.ok) return;
            onTaken(taken.value.shape);
            onClose();
          }}
        >
          Take it as a take-off
        </Button>
      </div>
    </Dialog>
  );
}

/** Which line of the tube was traced, and how the trace lies in the car. */
interface Lies {
  edge: TracedEdge;
  towards: Towards;
  mirrored: boolean;
}

function HowItLies({ lies, onChange }: { lies: Lies; onChange: (lies: Lies) => void }) {
  const put = (changes: Partial<Lies>) => onChange({ ...lies, ...changes });
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <SelectField
        label="traced along"
        value={lies.edge}
        options={EDGES}
        onChange={(event) => put({ edge: chosenIn(EDGES, event.target.value) ?? 'axis' })}
      />
      <SelectField
        label="left of the trace is toward"
        value={lies.towards}
        options={TOWARDS.map((one) => ({ value: one, text: one }))}
        onChange={(event) => put({ towards: TOWARDS.find((one) => one === event.target.value) ?? 'up' })}
      />
      <label className="flex min-h-11 items-center gap-2 self-end font-semibold">
        <input
          type="checkbox"
          className="size-5"
          checked={lies.mirrored}
          onChange={(event) => put({ mirrored: event.target.checked })}
        />
        mirrored
      </label>
    </div>
  );
}

/** A direction that the line between the ends does not run in itself. */
const squareTo = (a: Vec3, b: Vec3): Towards =>
  Math.abs(b[2] - a[2]) > Math.hypot(b[0] - a[0], b[1] - a[1]) ? 'rear' : 'up';

/** The axis of a tube of which the middle or an edge was traced; null until it is worked out. */
function useFit(trace: Outcome<readonly TracedPoint[]> | null, edge: TracedEdge, od: number) {
  const places = trace?.ok ? trace.value : null;
  const { data, isFetching } = useQuery({
    queryKey: ['trace', places],
    queryFn: () => traceAway(places ?? [], WITHIN),
    enabled: places !== null,
    staleTime: Infinity,
    gcTime: 0,
  });
  if (trace && !trace.ok) return { fit: trace, fitting: false };
  const by = edge === 'axis' ? 0 : edge === 'left' ? -od / 2 : od / 2;
  const fit =
    data &&
    andThen(data, (found) =>
      found.radii.length === 0
        ? fail('trace', '', 'the trace is straight: let the bar run straight')
        : besideEdge(found, by),
    );
  return { fit: fit ?? null, fitting: isFetching };
}

function Told({ fit, taken }: { fit: TraceFit; taken: TracedShape }) {
  const style = useJobStyle();
  const say = (mm: number) => formatWithUnit(mm, style);
  const bends = fit.lra.bends.map(({ angle, clr }) => `${formatAngle(angle)}° on a radius of ${say(clr)}`);
  const ends =
    Math.abs(taken.longer) < 1
      ? 'It reaches from end to end.'
      : `It reaches ${say(Math.abs(taken.longer))} ${taken.longer > 0 ? 'farther than' : 'less far than'} the bar's ends stand apart.`;
  return (
    <Typeset
      text={`${bends.join(', ')}. The trace lies within ${fineLength(fit.error, style)} of it. ${ends}`}
    />
  );
}
