import { Settings } from 'lucide-react';
import { useState } from 'react';
import { RecordFields, type RecordField } from '../../job/fields/RecordFields.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';

const FIELDS: RecordField[] = [
  { type: 'angle', at: 'notcher.largestDial', label: "notcher's largest dial", least: 0 },
  { type: 'length', at: 'notcher.sawDepth', label: 'hole saw cuts this deep', above: 0 },
  { type: 'length', at: 'straightCutGap', label: 'widest gap of two straight cuts', least: 0 },
  { type: 'angle', at: 'sharpest', label: 'joints sharper than this are told', least: 0 },
  { type: 'length', at: 'torchRoom', label: "the torch's room beside a seam", least: 0 },
  { type: 'length', at: 'bodyRoom', label: 'its room between seam and body', least: 0 },
  { type: 'length', at: 'paper', label: "the paper's thickness", least: 0 },
];

/** How ends are cut in this job: what the notcher can do, and what is told as too sharp, too tight or too open. */
export function CopingSettings() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Settings aria-hidden="true" className="mr-1.5 inline size-4" />
        Notcher and limits
      </Button>
      <Dialog kept title="Notcher and limits" open={open} onClose={() => setOpen(false)}>
        <RecordFields path={['coping']} fields={FIELDS} />
      </Dialog>
    </>
  );
}
