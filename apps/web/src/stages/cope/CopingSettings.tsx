import { Settings } from 'lucide-react';
import { useState } from 'react';
import { type Plan } from '@gyrus/core';
import { fieldsOf } from '../../job/fields/recordField.ts';
import { RecordFields } from '../../job/fields/RecordFields.tsx';
import { into, PLAN_PATH } from '../../job/store/planPath.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';

const { angle, extent, size } = fieldsOf<Plan['coping']>();

const FIELDS = [
  angle('notcher.largestDial', "notcher's largest dial", { least: 0, most: 90 }),
  size('notcher.sawDepth', 'hole saw cuts this deep'),
  angle('sawSwing', 'the saw for feet swings to, from square', { least: 0, most: 90 }),
  extent('straightCutGap', 'widest gap of two straight cuts'),
  angle('sharpest', 'joints sharper than this are told', { least: 0, most: 90 }),
  extent('torchRoom', "the torch's room beside a seam"),
  extent('bodyRoom', 'its room between seam and body'),
  extent('brushRoom', 'room of a brush beside a tube'),
  extent('paper', "the paper's thickness"),
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
        <RecordFields path={into(PLAN_PATH, 'coping')} fields={FIELDS} />
      </Dialog>
    </>
  );
}
