import {
  assumed,
  type Attachment,
  type Bar,
  endFeatures,
  type Length,
  type Member,
  referencesOf,
  type Vec3,
  wholeMillimetres,
  wouldLoop,
} from '@gyrus/core';
import { featureName, roleWords } from '@gyrus/formats';
import { type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { type RecordField, RecordFields } from '../../../job/fields/RecordFields.tsx';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';

type Kind = Exclude<Attachment['kind'], 'landing'>;

const KINDS: { value: Kind; text: string }[] = [
  { value: 'station', text: 'at a bend or an end of a tube' },
  { value: 'height', text: 'at a height on a tube' },
  { value: 'joint', text: 'where two tubes meet' },
  { value: 'plate', text: 'on a plate' },
  { value: 'point', text: 'at a point in the car' },
  { value: 'panel', text: 'on a panel' },
];
const zero: Length = { mm: 0, typed: '0' };

interface AttachmentFieldsProps {
  bar: Bar;
  /** Such as "end A". */
  name: string;
  attachment: Attachment;
  path: PlanPath;
  /** Where the end is now: a point starts there. */
  at: Vec3;
}

/** What an end of a bar stands on, by what a fabricator can measure. */
export function AttachmentFields({ bar, name, attachment, path, at }: AttachmentFieldsProps) {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  // What would stand on itself in the end is not offered; what is chosen now is still shown.
  const looping = wouldLoop(bar.id, plan.members);
  const others = plan.members.filter(
    (one) => !looping.has(one.id) || referencesOf(attachment).includes(one.id),
  );
  const set = (next: Attachment) => change(`${path.join('/')}/kind`, (draft) => setAt(draft, path, next));
  const fresh = (kind: Kind): Attachment | null => {
    const [first, second = first] = others.filter((one) => !looping.has(one.id));
    const place: [Length, Length, Length] = assumed([
      wholeMillimetres(at[0]),
      wholeMillimetres(at[1]),
      wholeMillimetres(at[2]),
    ]);
    const [plate] = plan.plates;
    const [panel] = plan.survey.planes;
    switch (kind) {
      case 'point':
        return { kind, at: place };
      case 'panel':
        return panel ? { kind, panel: panel.id, at: place } : null;
      case 'plate':
        return plate ? { kind, plate: plate.id } : null;
      case 'joint':
        return first && second ? { kind, of: [onMember(first), onMember(second)] } : null;
      case 'height':
        return (
          (first && {
            kind,
            on: { ...onMember(first), side: at[1] >= 0 ? 'left' : 'right' },
            height: wholeMillimetres(at[2]),
          }) ??
          null
        );
      case 'station':
        return first
          ? {
              kind,
              on: onMember(first),
              station: { feature: endFeatures(first)[0], edge: 'middle', along: zero },
            }
          : null;
    }
  };
  const possible = KINDS.filter(({ value }) => value === attachment.kind || fresh(value) !== null);
  return (
    <div className="border-rule space-y-2 border-t pt-3">
      <SelectField
        label={`${name} stands`}
        value={attachment.kind}
        options={possible}
        onChange={(event) => {
          const next = fresh(event.target.value as Kind);
          if (next) set(next);
        }}
      />
      {(attachment.kind === 'station' || attachment.kind === 'height') && (
        <HeaderSelect attachment={attachment} others={others} set={set} />
      )}
      {attachment.kind === 'station' && (
        <StationFields attachment={attachment} others={others} path={path} set={set} />
      )}
      {attachment.kind !== 'station' && (
        <RecordFields path={path} fields={fieldsOf(attachment, plan, looping)} />
      )}
    </div>
  );
}

function fieldsOf(
  attachment: Attachment,
  plan: ReturnType<typeof usePlan>,
  looping: ReadonlySet<string>,
): RecordField[] {
  const named = (things: { id: string; name: string }[]) =>
    things.map(({ id, name }) => ({ value: id, text: name }));
  switch (attachment.kind) {
    case 'height':
      return [{ type: 'length', at: 'height', label: 'above the floor' }];
    case 'joint':
      return [
        { type: 'tube', at: 'of.0', label: 'this tube', not: looping },
        { type: 'tube', at: 'of.1', label: 'meets this one', not: looping },
      ];
    case 'plate':
      return [{ type: 'choice', at: 'plate', label: 'the plate', options: named(plan.plates) }];
    case 'panel':
      return [
        { type: 'choice', at: 'panel', label: 'the panel', options: named(plan.survey.planes) },
        { type: 'place', at: 'at', label: 'where on it' },
      ];
    case 'point':
      return [{ type: 'place', at: 'at', label: 'the point' }];
    default:
      return [];
  }
}

/** Twins are told apart by their side. */
const onMember = (member: Member) =>
  member.role !== 'main-hoop' && member.pair === 'mirrored'
    ? { member: member.id, side: 'left' as const }
    : { member: member.id };

type OnTube = Extract<Attachment, { kind: 'station' | 'height' }>;

interface HeaderSelectProps {
  attachment: OnTube;
  others: Member[];
  set: (next: Attachment) => void;
}

/** Which tube: a member, and of twins the left or the right one. A height on a tube across the car has two sides as well. */
function HeaderSelect({ attachment, others, set }: HeaderSelectProps) {
  const options = others.flatMap((member) => {
    const name = `${member.stamp} ${roleWords(member.role)}`;
    const across = member.role === 'main-hoop' || member.pair === 'across';
    const sided = across ? attachment.kind === 'height' : 'pair' in member && member.pair === 'mirrored';
    return sided
      ? (['left', 'right'] as const).map((side) => ({
          value: `${member.id}/${side}`,
          text: `${name}, ${side}`,
        }))
      : [{ value: `${member.id}/`, text: name }];
  });
  const value = `${attachment.on.member}/${attachment.on.side ?? ''}`;
  const choose = (next: string) => {
    const [member = '', side = ''] = next.split('/');
    const header = others.find((one) => one.id === member);
    if (!header) return;
    const on: OnTube['on'] = side === 'left' || side === 'right' ? { member, side } : { member };
    if (attachment.kind === 'height') set({ ...attachment, on });
    else set({ ...attachment, on, station: { ...attachment.station, feature: endFeatures(header)[0] } });
  };
  return (
    <SelectField
      label="on"
      value={value}
      options={
        options.some((one) => one.value === value)
          ? options
          : [{ value, text: 'a tube that is gone' }, ...options]
      }
      onChange={(event) => choose(event.target.value)}
    />
  );
}

interface StationFieldsProps {
  attachment: Extract<Attachment, { kind: 'station' }>;
  others: Member[];
  path: PlanPath;
  set: (next: Attachment) => void;
}

const EDGES = [
  { value: 'middle', text: 'its middle' },
  { value: 'tangentA', text: 'its tangent toward A' },
  { value: 'tangentB', text: 'its tangent toward B' },
  { value: 'pi', text: 'its corner' },
];

function StationFields({ attachment, others, path, set }: StationFieldsProps) {
  const { members } = useEvaluation();
  const header = others.find((one) => one.id === attachment.on.member);
  const tubes = members.find((one) => one.member === header?.id)?.pieces.flatMap(({ tube }) => tube ?? []);
  const [endA, endB] = header ? endFeatures(header) : ['', ''];
  const { feature } = attachment.station;
  const features = [...new Set([endA, ...(tubes ?? []).flatMap((tube) => tube.features), endB, feature])];
  const isEnd = feature === endA || feature === endB;
  return (
    <>
      <SelectField
        label="from"
        value={feature}
        options={features.map((one) => ({ value: one, text: featureName(one) }))}
        onChange={(event) =>
          set({ ...attachment, station: { ...attachment.station, feature: event.target.value } })
        }
      />
      <RecordFields
        path={[...path, 'station']}
        fields={[
          ...(isEnd
            ? []
            : [{ type: 'choice' as const, at: 'edge', label: 'from which edge', options: EDGES }]),
          { type: 'length', at: 'along', label: 'along it, toward its end B' },
        ]}
      />
    </>
  );
}
