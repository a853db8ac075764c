import {
  assumed,
  type Attachment,
  type Bar,
  mirroredAttachment,
  mirroredShape,
  type Vec3,
} from '@gyrus/core';
import { type PlanPath } from '../../../job/store/planPath.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { AttachmentFields } from './AttachmentFields.tsx';
import { ShapeFields } from './ShapeFields.tsx';
import { usePieceEdit } from './usePieces.ts';

const PAIRS: { value: Bar['pair']; text: string }[] = [
  { value: 'single', text: 'one tube' },
  { value: 'mirrored', text: 'a pair, left and right' },
  { value: 'across', text: 'one tube across, its right half mirrored' },
];

interface PairFieldsProps {
  bar: Bar;
  path: PlanPath;
  a: Vec3;
  b: Vec3;
}

const assumedPlace = (end: Attachment): Attachment =>
  end.kind === 'point' || end.kind === 'panel' ? assumed(end) : end;

/** One tube or a pair; where the car differs, the right twin has ends and a shape of its own. */
export function PairFields({ bar, path, a, b }: PairFieldsProps) {
  const edit = usePieceEdit(bar);
  const change = usePlanStore((state) => state.change);
  const setRight = (key: string, right: Bar['right']) =>
    change(`member/${bar.id}/right/${key}`, (plan) => {
      const found = plan.members.find((one) => one.id === bar.id);
      if (found && found.role !== 'main-hoop') found.right = right;
    });
  const other = ([x, y, z]: Vec3): Vec3 => [x, -y, z];
  const { right } = bar;
  return (
    <div className="border-rule space-y-2 border-t pt-3">
      <SelectField
        label="made as"
        value={bar.pair}
        options={PAIRS}
        onChange={(event) => edit('pair', { ...bar, pair: event.target.value as Bar['pair'], right: null })}
      />
      {bar.pair === 'mirrored' && (
        <>
          <p className="text-quiet text-sm">
            The left tube is described, the right one mirrors it. Two of one hand is the classic mistake: each
            sheet names its hand.
          </p>
          {right ? (
            <>
              <h3 className="font-semibold">The right tube, where the car differs</h3>
              {right.a && (
                <AttachmentFields
                  bar={bar}
                  name="right end A"
                  attachment={right.a}
                  path={[...path, 'right', 'a']}
                  at={other(a)}
                />
              )}
              {right.shape && (
                <ShapeFields
                  shape={right.shape}
                  path={[...path, 'right', 'shape']}
                  a={other(a)}
                  b={other(b)}
                />
              )}
              {right.b && (
                <AttachmentFields
                  bar={bar}
                  name="right end B"
                  attachment={right.b}
                  path={[...path, 'right', 'b']}
                  at={other(b)}
                />
              )}
              <Button onClick={() => setRight('same', null)}>Mirror the left again</Button>
            </>
          ) : (
            <Button
              onClick={() =>
                setRight('own', {
                  // What was measured on the left was not measured here.
                  a: assumedPlace(mirroredAttachment(bar.ends.a)),
                  b: assumedPlace(mirroredAttachment(bar.ends.b)),
                  shape:
                    bar.shape.kind === 'through'
                      ? assumed(mirroredShape(bar.shape))
                      : mirroredShape(bar.shape),
                })
              }
            >
              The right side differs
            </Button>
          )}
        </>
      )}
    </div>
  );
}
