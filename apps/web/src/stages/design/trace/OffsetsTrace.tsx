import { type Outcome, type TracedPoint } from '@gyrus/core';
import { readOffsets } from '@gyrus/formats';
import { useEffect, useId } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { useKept } from '../../../shared/server/useKept.ts';

interface OffsetsTraceProps {
  onTrace: (trace: Outcome<readonly TracedPoint[]> | null) => void;
}

/** Offsets from a straight edge, a place a row; kept in this browser until they are cleared. */
export function OffsetsTrace({ onTrace }: OffsetsTraceProps) {
  const { unit } = useJobStyle();
  const [text, keep] = useKept('gyrus-trace', (kept) => (typeof kept === 'string' ? kept : ''));
  const id = useId();
  useEffect(() => {
    onTrace(text.trim() === '' ? null : readOffsets(text, unit));
  }, [text, unit, onTrace]);
  return (
    <div>
      <label htmlFor={id} className="text-quiet mb-1 block">
        One place a row, from end A to end B: along the straight edge, and off it to the left (a minus is to
        the right). Commas, semicolons or tabs; bare numbers are {unit === 'in' ? 'inches' : 'millimetres'}.
      </label>
      <textarea
        id={id}
        aria-label="places along and off the straight edge"
        className="control figure w-full"
        rows={6}
        placeholder={unit === 'in' ? '0, 0\n4 1/2, 1/4\n9, 1' : '0, 0\n120, 6\n240, 25'}
        value={text}
        onChange={(event) => keep(event.target.value)}
      />
    </div>
  );
}
