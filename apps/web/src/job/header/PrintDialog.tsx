import { type Evaluation, fail, flatOutline, saidIn, writeSaid } from '@gyrus/core';
import { useContext, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { usePlan } from '../store/planStore.ts';
import { EvaluationContext } from '../../answers/useAnswers.ts';
import { PagesTold } from './PagesTold.tsx';
import { type Paper, isOfTube, PRINT_KINDS, type PrintKind, printAddress, printName } from './prints.ts';
import { tubeToPrint } from './tubeToPrint.ts';
import { useJobStyle } from '../useJobStyle.ts';
import { useOpenSaved } from '../store/useOpenSaved.ts';

const PAPERS = [
  { value: 'a4', text: 'A4' },
  { value: 'letter', text: 'Letter' },
] as const;
const OUTLINES = [
  { format: 'pdf', text: 'Pages to tape together' },
  { format: 'svg', text: 'SVG' },
  { format: 'dxf', text: 'DXF' },
] as const;
type OutlineFormat = (typeof OUTLINES)[number]['format'];

/** Prints a saved revision, and says how many pages it takes: what is printed can be found again. */
export function PrintDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const plan = usePlan();
  const tube = useSearchParams()[0].get('tube');
  const evaluation = useContext(EvaluationContext);
  const openSaved = useOpenSaved();
  const [paper, setPaper] = useState<Paper>(plan.units.length === 'in' ? 'letter' : 'a4');
  const piece = (evaluation && tubeToPrint(evaluation, tube)) ?? '';
  const [what, setWhat] = useState<PrintKind>(piece ? 'bend' : 'measuring');
  const address = printAddress(what, plan, piece, paper);
  const print = async (path: string) => {
    if (await openSaved((from) => `${from}/${path}`)) onClose();
  };
  return (
    <Dialog title="Print" open={open} onClose={onClose}>
      <fieldset className="space-y-1">
        <legend className="text-quiet mb-1 text-sm">what</legend>
        {PRINT_KINDS.map((kind) => (
          <label key={kind} className="flex min-h-9 items-center gap-3">
            <input
              type="radio"
              name="what"
              className="accent-ink size-5"
              disabled={isOfTube(kind) && piece === ''}
              checked={kind === what}
              onChange={() => setWhat(kind)}
            />
            {printName(kind, stampOf(evaluation, piece))}
          </label>
        ))}
      </fieldset>
      <div className="mt-4">
        <Segmented label="paper" value={paper} options={PAPERS} onChange={setPaper} />
      </div>
      <div className="mt-5 flex flex-wrap items-center gap-4">
        <Button kind="strong" onClick={() => void print(address)}>
          Open the sheet
        </Button>
        <PagesTold address={address} />
      </div>
      <FloorOutline
        tube={tube}
        onPrint={(format) => void print(`outline.${format}?paper=${paper}&piece=${piece}`)}
      />
    </Dialog>
  );
}

const stampOf = (evaluation: Evaluation | null, piece: string): string =>
  evaluation?.members.flatMap((member) => member.pieces).find((one) => one.piece === piece)?.stamp ?? '';

/** A flat tube at true size, to lay out on the floor. */
function FloorOutline({ tube, onPrint }: { tube: string | null; onPrint: (format: OutlineFormat) => void }) {
  const style = useJobStyle();
  const flat = useFlatOutline(tube);
  return (
    <>
      <h3 className="mt-6 text-lg">Outline on the floor</h3>
      <p className="mb-3">
        This tube at true size, to lay out on the shop floor, where it bends in one plane only: over as many
        pages as it takes, with marks to lay them together, or as one drawing for a plotter.
      </p>
      {flat.ok ? (
        <div className="flex flex-wrap gap-3">
          {OUTLINES.map(({ format, text }) => (
            <Button key={format} onClick={() => onPrint(format)}>
              {text}
            </Button>
          ))}
        </div>
      ) : (
        <p className="text-quiet">{writeSaid(saidIn(flat.fault), style)}.</p>
      )}
    </>
  );
}

/** Whether the tube in question lies flat; without a tube, that there is none. */
function useFlatOutline(piece: string | null) {
  const evaluation = useContext(EvaluationContext);
  const all = evaluation?.members.flatMap((member) => member.pieces) ?? [];
  const tube = (all.find((one) => one.piece === piece) ?? all[0])?.tube;
  return tube ? flatOutline(tube) : fail('no-tube', '', 'there is no tube to lay out yet');
}
