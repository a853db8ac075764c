import {
  type Attachment,
  type Bar,
  mirroredAttachment,
  type Plan,
  referencesOf,
  type Vec3,
  wouldLoop,
} from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { narrowed, type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { asideFields } from './asideFields.ts';
import { type AttachmentKind, freshAttachment } from './freshAttachment.ts';
import { HeaderSelect } from './HeaderSelect.tsx';
import { StationFields } from './StationFields.tsx';

const KINDS: { value: AttachmentKind; text: string }[] = [
  { value: 'station', text: 'at a bend or an end of a tube' },
  { value: 'height', text: 'at a height on a tube' },
  { value: 'joint', text: 'where two tubes meet' },
  { value: 'plate', text: 'on a plate' },
  { value: 'point', text: 'at a point in the car' },
  { value: 'panel', text: 'on a panel' },
];

interface AttachmentFieldsProps {
  bar: Bar;
  /** Such as "end A". */
  name: string;
  attachment: Attachment;
  path: PlanPath<Attachment>;
  /** Where the end is now: a point starts there. */
  at: Vec3;
  /** The other end of a bar across the car: this one can stand as that does, on the other side. */
  other?: Attachment;
}

/** What an end of a bar stands on, by what a fabricator can measure. */
export function AttachmentFields({ bar, name, attachment, path, at, other }: AttachmentFieldsProps) {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  // What would stand on itself in the end is not offered; what is chosen now is still shown.
  const looping = wouldLoop(bar.id, plan.members);
  const free = plan.members.filter((one) => !looping.has(one.id));
  const chosen = referencesOf(attachment);
  const others = plan.members.filter((one) => !looping.has(one.id) || chosen.includes(one.id));
  const set = (next: Attachment | null) => {
    if (next) change(`${path.join('/')}/kind`, (draft) => setAt(draft, path, next));
  };
  const fresh = (kind: AttachmentKind) => freshAttachment(kind, at, free, plan);
  const possible = KINDS.filter(({ value }) => value === attachment.kind || fresh(value) !== null);
  return (
    <div className="border-rule space-y-2 border-t pt-3">
      <SelectField
        label={`${name} stands`}
        value={attachment.kind}
        options={possible}
        onChange={(event) => {
          const kind = chosenIn(KINDS, event.target.value);
          if (kind) set(fresh(kind));
        }}
      />
      {other && <Button onClick={() => set(mirroredAttachment(other))}>As end A, on the other side</Button>}
      {(attachment.kind === 'station' || attachment.kind === 'height') && (
        <HeaderSelect attachment={attachment} others={others} set={set} />
      )}
      {attachment.kind === 'station' ? (
        <StationFields attachment={attachment} others={others} path={narrowed(path)} set={set} />
      ) : (
        <RecordFields path={path} fields={ownFields(attachment.kind, plan, looping)} />
      )}
      {attachment.kind === 'height' && (
        <RecordFields path={narrowed<Attachment, typeof attachment>(path)} fields={asideFields(attachment)} />
      )}
    </div>
  );
}

const { choice, length, place, tube } = fieldsOf<Attachment>();

const byName = (things: readonly { id: string; name: string }[]) =>
  things.map(({ id, name }) => [id, name] as const);

function ownFields(
  kind: Exclude<Attachment['kind'], 'station'>,
  plan: Plan,
  looping: ReadonlySet<string>,
): RecordField<Attachment>[] {
  switch (kind) {
    case 'height':
      return [length('height', 'above the floor')];
    case 'joint':
      return [tube('of.0', 'this tube', looping), tube('of.1', 'meets this one', looping)];
    case 'plate':
      return [choice('plate', 'the plate', byName(plan.plates))];
    case 'panel':
      return [choice('panel', 'the panel', byName(plan.survey.planes)), place('at', 'where on it')];
    case 'point':
      return [place('at', 'the point')];
    case 'landing':
      return [];
  }
}
