import { type Bar, wouldLoop } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { type PlanPath } from '../../../job/store/planPath.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { BarAgainFields } from '../shape/BentAgainFields.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { usePieceEdit } from './usePieces.ts';

const { choice, extent, place } = fieldsOf<Bar>();

const FIELDS = [
  place('offset', 'moved off what it stands on'),
  choice('existing', 'the tube', [
    [false, 'is made new'],
    [true, 'came with the car'],
  ]),
  extent('cut.a', 'cut off at end A'),
  extent('cut.b', 'cut off at end B'),
];

interface BarMoreProps {
  bar: Bar;
  path: PlanPath<Bar>;
  /** Its bends, as they are named. */
  features: readonly string[];
}

/** What is changed less often: what splits the bar, its offset, and whether it came with the car. */
export function BarMore({ bar, path, features }: BarMoreProps) {
  return (
    <Disclosure className="border-rule border-t pt-3" summary="Splits, offset, existing tube">
      <div className="mt-2 space-y-3">
        <Splits bar={bar} />
        <RecordFields path={path} fields={FIELDS} />
        {bar.existing && <BarAgainFields member={bar} features={features} />}
      </div>
    </Disclosure>
  );
}

/** The tubes that go through this one: it is cut there, and its halves run to the axis of the one between them. */
function Splits({ bar }: { bar: Bar }) {
  const { members } = usePlan();
  const edit = usePieceEdit(bar);
  const looping = wouldLoop(bar.id, members);
  const splits = new Set(bar.crossings.flatMap(({ member, goes }) => (goes === 'split' ? [member] : [])));
  const toggle = (member: string) =>
    edit(`split/${member}`, {
      ...bar,
      crossings: splits.has(member)
        ? bar.crossings.filter((one) => one.member !== member)
        : [...bar.crossings, { member, goes: 'split' }],
    });
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">split where it crosses</legend>
      <div className="max-h-44 overflow-y-auto">
        {members
          // What stands on this bar cannot split it.
          .filter((one) => splits.has(one.id) || (!looping.has(one.id) && one.role !== 'main-hoop'))
          .map((one) => (
            <label key={one.id} className="flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={splits.has(one.id)}
                onChange={() => toggle(one.id)}
              />
              {one.stamp} {roleWords(one.role)}
            </label>
          ))}
      </div>
    </fieldset>
  );
}
