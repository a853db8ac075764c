import { mainHoopOf } from '@gyrus/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { Button } from '../shared/Button.tsx';
import { Dialog } from '../shared/Dialog.tsx';
import { Segmented } from '../shared/Segmented.tsx';
import { usePlan, usePlanStore } from './planStore.ts';
import { saveNow } from './useAutosave.ts';

const PAPERS = [
  { value: 'a4', text: 'A4' },
  { value: 'letter', text: 'Letter' },
] as const;
type Paper = (typeof PAPERS)[number]['value'];

/** Prints the bend sheet of a saved revision: what is printed can be found again. */
export function PrintDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const plan = usePlan();
  const tube = useSearchParams()[0].get('tube');
  const [paper, setPaper] = useState<Paper>(plan.units.length === 'in' ? 'letter' : 'a4');
  const print = async () => {
    // The window must be opened by the press itself, or the browser takes it for an advertisement.
    const sheet = window.open('', '_blank');
    const saved = await saveNow();
    const { jobId, base } = usePlanStore.getState();
    if (!saved) {
      sheet?.close();
      toast.error('The plan could not be saved, so nothing was printed. See the note beside Undo.');
      return;
    }
    const member =
      plan.members.find((one) => one.pieces.some((piece) => piece.id === tube)) ?? mainHoopOf(plan);
    const datum = member?.bending.datum ?? 'centre';
    const piece = tube ? `&piece=${tube}` : '';
    const address = `/api/jobs/${jobId}/revisions/${base.number}/bend-sheet.pdf?paper=${paper}&unit=${plan.units.length}&datum=${datum}${piece}`;
    if (sheet) sheet.location.href = address;
    else toast.error('The browser did not open a window for the sheet: allow it for this page.');
    onClose();
  };
  return (
    <Dialog title="Print the bend sheet" open={open} onClose={onClose}>
      <p className="mb-4">
        One page, black on white, in {plan.units.length === 'in' ? 'inches' : 'millimetres'}. It opens as a
        PDF in a new window.
      </p>
      <Segmented label="paper" value={paper} options={PAPERS} onChange={setPaper} />
      <div className="mt-5">
        <Button kind="strong" onClick={() => void print()}>
          Open the sheet
        </Button>
      </div>
    </Dialog>
  );
}
