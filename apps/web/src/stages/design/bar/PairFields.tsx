import {
  assumed,
  type Attachment,
  type Bar,
  mirroredAttachment,
  mirroredShape,
  type Vec3,
} from '@gyrus/core';
import { into, type PlanPath } from '../../../job/store/planPath.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { AttachmentFields } from './AttachmentFields.tsx';
import { ShapeFields } from '../shape/ShapeFields.tsx';
import { usePieceEdit } from './usePieces.ts';

const PAIRS: { value: Bar['pair']; text: string }[] = [
  { value: 'single', text: 'one tube' },
  { value: 'mirrored', text: 'a pair, left and right' },
  { value: 'across', text: 'one tube across, its right half mirrored' },
];

interface PairFieldsProps {
  bar: Bar;
  path: PlanPath<Bar>;
  a: Vec3;
  b: Vec3;
}

/** One tube or a pair; where the car differs, the right twin has ends and a shape of its own. */
export function PairFields({ bar, path, a, b }: PairFieldsProps) {
  const edit = usePieceEdit(bar);
  return (
    <div className="border-rule space-y-2 border-t pt-3">
      <SelectField
        label="made as"
        value={bar.pair}
        options={PAIRS}
        onChange={(event) => {
          const pair = chosenIn(PAIRS, event.target.value);
          if (pair) edit('pair', { ...bar, pair, right: null });
        }}
      />
      {bar.pair === 'mirrored' && <RightTwin bar={bar} path={path} a={a} b={b} />}
    </div>
  );
}

const acrossTheCar = ([x, y, z]: Vec3): Vec3 => [x, -y, z];

function RightTwin({ bar, path, a, b }: PairFieldsProps) {
  const change = usePlanStore((state) => state.change);
  const setRight = (key: string, right: Bar['right']) =>
    change(`member/${bar.id}/right/${key}`, (plan) => {
      const found = plan.members.find((one) => one.id === bar.id);
      if (found && found.role !== 'main-hoop') found.right = right;
    });
  return (
    <>
      <p className="text-quiet text-sm">
        The left tube is described, the right one mirrors it. Two of one hand is the classic mistake: each
        sheet names its hand.
      </p>
      {bar.right ? (
        <>
          <h3 className="font-semibold">The right tube, where the car differs</h3>
          <RightFields
            bar={bar}
            right={bar.right}
            path={into(path, 'right')}
            a={acrossTheCar(a)}
            b={acrossTheCar(b)}
          />
          <Button onClick={() => setRight('same', null)}>Mirror the left again</Button>
        </>
      ) : (
        <Button onClick={() => setRight('own', rightAsLeft(bar))}>The right side differs</Button>
      )}
    </>
  );
}

type Right = NonNullable<Bar['right']>;

interface RightFieldsProps {
  bar: Bar;
  right: Right;
  path: PlanPath<Right>;
  a: Vec3;
  b: Vec3;
}

function RightFields({ bar, right, path, a, b }: RightFieldsProps) {
  const end = (which: 'a' | 'b', at: Vec3) =>
    right[which] && (
      <AttachmentFields
        bar={bar}
        name={`right end ${which.toUpperCase()}`}
        attachment={right[which]}
        path={into(path, which)}
        at={at}
      />
    );
  return (
    <>
      {end('a', a)}
      {right.shape && right.shape.kind !== 'hoop' && (
        <ShapeFields shape={right.shape} path={into(path, 'shape')} a={a} b={b} od={bar.tube.od.mm} />
      )}
      {end('b', b)}
    </>
  );
}

/** The right twin of its own, to start from the mirrored left: what was measured on the left was not measured here. */
const rightAsLeft = ({ ends, shape }: Bar): Right => ({
  a: assumedPlace(mirroredAttachment(ends.a)),
  b: assumedPlace(mirroredAttachment(ends.b)),
  shape: shape.kind === 'through' ? assumed(mirroredShape(shape)) : mirroredShape(shape),
});

const assumedPlace = (end: Attachment): Attachment =>
  end.kind === 'point' || end.kind === 'panel' ? assumed(end) : end;
