import { type ChordShape, type Vec3 } from '@gyrus/core';
import { Spline } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Button } from '../../../shared/frame/Button.tsx';

/** The dialog brings the fit with it: it comes when it is asked for. */
const TraceDialog = lazy(async () => ({ default: (await import('./TraceDialog.tsx')).TraceDialog }));

interface TraceButtonProps {
  a: Vec3;
  b: Vec3;
  /** Outside diameter of the tube. mm */
  od: number;
  onTaken: (shape: ChordShape) => void;
}

/** Opens the trace of a shape: offsets from a straight edge, or a photo. */
export function TraceButton(props: TraceButtonProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Spline aria-hidden="true" className="size-5" />
        from a traced shape
      </Button>
      {open && (
        <Suspense fallback={null}>
          <TraceDialog {...props} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
