import { type Attachment, endFeatures, type Member, type Station } from '@gyrus/core';
import { featureName } from '@gyrus/formats';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { asideFields } from './asideFields.ts';
import { into, type PlanPath } from '../../../job/store/planPath.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';

type OnStation = Extract<Attachment, { kind: 'station' }>;

interface StationFieldsProps {
  attachment: OnStation;
  others: Member[];
  path: PlanPath<OnStation>;
  set: (next: Attachment) => void;
}

const { choice, length } = fieldsOf<Station>();

const EDGE = choice('edge', 'from which edge', [
  ['middle', 'its middle'],
  ['tangentA', 'its tangent toward A'],
  ['tangentB', 'its tangent toward B'],
  ['pi', 'its corner'],
]);
const ALONG = length('along', 'so far along it, toward end B');

const onStation = fieldsOf<OnStation>();
const TO = onStation.choice('to', 'as far as its own', [
  ['axis', 'axis'],
  ['near', 'near edge'],
  ['far', 'far edge'],
]);

/** Where on a tube: so far along from one of its bends or ends. */
export function StationFields({ attachment, others, path, set }: StationFieldsProps) {
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
      <RecordFields path={into(path, 'station')} fields={isEnd ? [ALONG] : [EDGE, ALONG]} />
      <RecordFields path={path} fields={[TO, ...asideFields(attachment)]} />
    </>
  );
}
