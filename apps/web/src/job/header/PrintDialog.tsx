import { fail, flatOutline, saidIn, writeSaid } from '@gyrus/core';
import { useContext, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { usePlan } from '../store/planStore.ts';
import { EvaluationContext } from '../../answers/useAnswers.ts';
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
type Paper = (typeof PAPERS)[number]['value'];

/** Prints the bend sheet of a saved revision: what is printed can be found again. */
export function PrintDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const plan = usePlan();
  const tube = useSearchParams()[0].get('tube');
  const style = useJobStyle();
  const evaluation = useContext(EvaluationContext);
  const flat = useFlatOutline(tube);
  const openSaved = useOpenSaved();
  const [paper, setPaper] = useState<Paper>(plan.units.length === 'in' ? 'letter' : 'a4');
  const print = async (what: 'sheet' | OutlineFormat) => {
    const found = (evaluation && tubeToPrint(evaluation, tube)) ?? '';
    const member = plan.members.find((one) => one.pieces.some((piece) => piece.id === found));
    const datum = member?.bending.datum ?? 'centre';
    const opened = await openSaved((from) =>
      what === 'sheet'
        ? `${from}/bend-sheet.pdf?paper=${paper}&unit=${plan.units.length}&datum=${datum}&piece=${found}`
        : `${from}/outline.${what}?paper=${paper}&piece=${found}`,
    );
    if (opened) onClose();
  };
  return (
    <Dialog title="Print the bend sheet" open={open} onClose={onClose}>
      <p className="mb-4">
        One page, black on white, in {plan.units.length === 'in' ? 'inches' : 'millimetres'}. It opens as a
        PDF in a new window.
      </p>
      <Segmented label="paper" value={paper} options={PAPERS} onChange={setPaper} />
      <div className="mt-5">
        <Button kind="strong" onClick={() => void print('sheet')}>
          Open the sheet
        </Button>
      </div>
      <h3 className="mt-6 text-lg">Outline on the floor</h3>
      <p className="mb-3">
        This tube at true size, to lay out on the shop floor, where it bends in one plane only: over as many
        pages as it takes, with marks to lay them together, or as one drawing for a plotter.
      </p>
      {flat.ok ? (
        <div className="flex flex-wrap gap-3">
          {OUTLINES.map(({ format, text }) => (
            <Button key={format} onClick={() => void print(format)}>
              {text}
            </Button>
          ))}
        </div>
      ) : (
        <p className="text-quiet">{writeSaid(saidIn(flat.fault), style)}.</p>
      )}
    </Dialog>
  );
}

/** Whether the tube in question lies flat; without a tube, that there is none. */
function useFlatOutline(piece: string | null) {
  const evaluation = useContext(EvaluationContext);
  const all = evaluation?.members.flatMap((member) => member.pieces) ?? [];
  const tube = (all.find((one) => one.piece === piece) ?? all[0])?.tube;
  return tube ? flatOutline(tube) : fail('no-tube', '', 'there is no tube to lay out yet');
}
