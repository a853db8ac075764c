import {
  type Attachment,
  type Bar,
  endFeatures,
  type Length,
  type Member,
  pieceAnswerOf,
  type Plan,
} from '@gyrus/core';
import { featureName, roleWords } from '@gyrus/formats';
import { type Draft } from 'immer';
import { PlanField } from '../../job/PlanField.tsx';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { lengthKind } from '../../shared/quantityKinds.ts';
import { SelectField } from '../../shared/SelectField.tsx';
import { PlaceFields } from './PlaceFields.tsx';

type End = 'a' | 'b';
type Kind = 'station' | 'height' | 'point';

const KINDS: { value: Kind; text: string }[] = [
  { value: 'station', text: 'at a bend or an end of a tube' },
  { value: 'height', text: 'at a height on a tube' },
  { value: 'point', text: 'at a point in the car' },
];
const zero: Length = { mm: 0, typed: '0' };

/** What an end of a bar stands on, by what a fabricator can measure. */
export function AttachmentFields({ bar, end }: { bar: Bar; end: End }) {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  const answer = pieceAnswerOf(useEvaluation(), bar.pieces[0]?.id ?? '')?.answer;
  const attachment = bar.ends[end];
  const field = `member/${bar.id}/end-${end}`;
  const others = plan.members.filter((one) => one.id !== bar.id);
  const set = (key: string, next: Attachment) =>
    change(`${field}/${key}`, (draft) => setEnd(draft, bar.id, end, next));
  const choose = (kind: Kind) => {
    const [header] = others;
    const tube = answer?.tube?.points;
    const at = tube?.[end === 'a' ? 0 : tube.length - 1] ?? ([0, 0, 0] as const);
    if (header) set('kind', fresh(kind, header, at));
  };
  return (
    <div className="border-rule space-y-2 border-t pt-3">
      <SelectField
        label={`end ${end.toUpperCase()} stands`}
        value={attachment.kind}
        options={
          KINDS.some(({ value }) => value === attachment.kind)
            ? KINDS
            : [...KINDS, { value: attachment.kind, text: attachment.kind }]
        }
        onChange={(event) => choose(event.target.value as Kind)}
      />
      {attachment.kind === 'station' && <StationFields {...{ bar, end, attachment, others, field, set }} />}
      {attachment.kind === 'height' && <HeightFields {...{ bar, end, attachment, others, field, set }} />}
      {attachment.kind === 'point' && (
        <PlaceFields
          legend="the point"
          field={field}
          at={attachment.at}
          set={(draft, axis, value) => {
            const there = endOf(draft, bar.id, end);
            if (there?.kind === 'point') there.at[axis] = value;
          }}
        />
      )}
    </div>
  );
}

const length = (mm: number): Length => ({ mm: Math.round(mm) + 0, typed: `${Math.round(mm) + 0} mm` });

function fresh(kind: Kind, header: Member, [x, y, z]: readonly [number, number, number]): Attachment {
  const on = onMember(header);
  if (kind === 'point') return { kind, at: [length(x), length(y), length(z)] };
  if (kind === 'height') return { kind, on: { ...on, side: y >= 0 ? 'left' : 'right' }, height: length(z) };
  return { kind, on, station: { feature: endFeatures(header)[0], edge: 'middle', along: zero } };
}

/** Twins are told apart by their side. */
const onMember = (member: Member) =>
  member.role !== 'main-hoop' && member.pair === 'mirrored'
    ? { member: member.id, side: 'left' as const }
    : { member: member.id };

function endOf(plan: Draft<Plan>, id: string, end: End): Draft<Attachment> | undefined {
  return plan.members.find((one) => one.id === id)?.ends[end];
}

function setEnd(plan: Draft<Plan>, id: string, end: End, next: Attachment): void {
  const member = plan.members.find((one) => one.id === id);
  if (member) member.ends[end] = next;
}

interface PartProps<K extends Attachment['kind']> {
  bar: Bar;
  end: End;
  attachment: Extract<Attachment, { kind: K }>;
  others: Member[];
  field: string;
  set: (key: string, next: Attachment) => void;
}

/** Which tube: a member, and of twins the left or the right one. */
function HeaderSelect({ attachment, others, set }: PartProps<'station'> | PartProps<'height'>) {
  const options = others.flatMap((member) => {
    const name = `${member.stamp} ${roleWords(member.role)}`;
    const twins = member.role === 'main-hoop' ? attachment.kind === 'height' : member.pair === 'mirrored';
    return twins
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
    const on: Extract<Attachment, { kind: 'height' }>['on'] =
      side === 'left' || side === 'right' ? { member, side } : { member };
    if (attachment.kind === 'height') set('on', { ...attachment, on });
    else
      set('on', { ...attachment, on, station: { ...attachment.station, feature: endFeatures(header)[0] } });
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

function StationFields(props: PartProps<'station'>) {
  const { bar, end, attachment, others, field, set } = props;
  const evaluation = useEvaluation();
  const style = useJobStyle();
  const header = others.find((one) => one.id === attachment.on.member);
  const tube = evaluation.members.find((one) => one.member === header?.id)?.pieces[0]?.tube;
  const [endA, endB] = header ? endFeatures(header) : ['', ''];
  const { feature, along } = attachment.station;
  const features = [...new Set([endA, ...(tube?.features ?? []), endB, feature])];
  return (
    <>
      <HeaderSelect {...props} />
      <div className="grid grid-cols-2 gap-2">
        <SelectField
          label="from"
          value={feature}
          options={features.map((one) => ({ value: one, text: featureName(one) }))}
          onChange={(event) =>
            set('feature', { ...attachment, station: { ...attachment.station, feature: event.target.value } })
          }
        />
        <PlanField
          label="along it, toward its end B"
          field={`${field}/along`}
          kind={lengthKind(style)}
          value={along}
          set={(draft, value) => {
            const there = endOf(draft, bar.id, end);
            if (there?.kind === 'station' && value) there.station.along = value;
          }}
        />
      </div>
    </>
  );
}

function HeightFields(props: PartProps<'height'>) {
  const { bar, end, attachment, field } = props;
  const style = useJobStyle();
  return (
    <div className="grid grid-cols-2 gap-2">
      <HeaderSelect {...props} />
      <PlanField
        label="above the floor"
        field={`${field}/height`}
        kind={lengthKind(style)}
        value={attachment.height}
        set={(draft, value) => {
          const there = endOf(draft, bar.id, end);
          if (there?.kind === 'height' && value) there.height = value;
        }}
      />
    </div>
  );
}
