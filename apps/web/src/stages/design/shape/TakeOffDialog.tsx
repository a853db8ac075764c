import { type BarShape, type Length } from '@gyrus/core';
import { readTakeOff, type TakeOffList } from '@gyrus/formats';
import { useId, useState } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { Dialog } from '../../../shared/frame/Dialog.tsx';

type Shape = Extract<BarShape, { kind: 'take-off' | 'through' }>;

interface TakeOffDialogProps {
  shape: Shape;
  onRead: (shape: Shape) => void;
  onClose: () => void;
}

/** A shape of what was read: bends as a take-off, which goes on from where this one aims, or the corners as points. */
function shapeFrom({ rows, tail, points }: TakeOffList, shape: Shape): Shape {
  if (points) return { kind: 'through', via: points };
  const start = shape.kind === 'take-off' ? shape : STRAIGHT_AHEAD;
  // Its distances are straights, whatever the list before it was.
  return rows ? { ...start, sample: null, rows, tail: tail ?? start.tail } : shape;
}

const NONE: Length = { mm: 0, typed: '0' };
const STRAIGHT_AHEAD = {
  kind: 'take-off',
  aim: [NONE, NONE, NONE],
  roll: { deg: 0, typed: '0' },
  sample: null,
  tail: NONE,
} satisfies Partial<Shape>;

/** Straights and angles, or points, pasted from a table or read from a CSV file. */
export function TakeOffDialog({ shape, onRead, onClose }: TakeOffDialogProps) {
  const [text, setText] = useState('');
  const { unit } = useJobStyle();
  const id = useId();
  const read = text.trim() === '' ? null : readTakeOff(text, unit);
  const take = () => {
    if (!read?.ok) return;
    onRead(shapeFrom(read.value, shape));
    onClose();
  };
  return (
    <Dialog title="A list of bends" open onClose={onClose}>
      <p className="mb-3">
        One bend a row: straight, rotation, angle; or straight and angle; the last straight alone in the last
        row. Or one corner a row: x, y, z, forward, to the left, up. Commas, semicolons or tabs. Bare numbers
        are {unit === 'in' ? 'inches' : 'millimetres'}.
      </p>
      <label htmlFor={id} className="text-quiet mb-1 block text-sm">
        the list
      </label>
      <textarea
        id={id}
        className="control figure w-full"
        rows={8}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <input
        type="file"
        accept=".csv,.txt,text/csv"
        aria-label="a CSV file"
        className="mt-2 block"
        onChange={(event) => void event.target.files?.[0]?.text().then(setText)}
      />
      <p
        className={`mt-2 min-h-6 ${read && !read.ok ? 'text-out font-semibold' : 'text-quiet'}`}
        role="status"
      >
        {read && !read.ok && read.fault.message}
        {read?.ok &&
          (read.value.points
            ? `${read.value.points.length} corners`
            : `${read.value.rows?.length ?? 0} bends`)}
      </p>
      <Button kind="strong" disabled={!read?.ok} onClick={take}>
        Take the list
      </Button>
    </Dialog>
  );
}
