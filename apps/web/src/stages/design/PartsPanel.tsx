import {
  formatWithUnit,
  type Gusset,
  type LengthStyle,
  type Part,
  type PartAnswer,
  type Plate,
} from '@gyrus/core';
import { figureName } from '@gyrus/formats';
import { deg, mm, newId, nextStamp } from '../../job/fresh.ts';
import { usePlan } from '../../job/planStore.ts';
import { RecordList } from '../../job/RecordList.tsx';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { freshPart, GUSSET_FIELDS, partFields, PART_WORDS, plateFields } from './partFields.ts';

/** Plates, sheet gussets, and what is made or bought beside the tubes. */
export function PartsPanel() {
  return (
    <div className="space-y-8">
      <Plates />
      <Gussets />
      <Parts />
    </div>
  );
}

function Plates() {
  const plan = usePlan();
  const { plates } = useEvaluation();
  const firstFoot = plan.members[0];
  return (
    <RecordList<Plate>
      title="Base plates"
      hint="What the feet stand on, with area, turned-up edge, plinth and bolts."
      path={['plates']}
      name={(row) => `${row.stamp} ${row.name}`}
      about={(row) => {
        const answer = plates.find((one) => one.plate === row.id);
        if (!answer) return '';
        const foot = answer.foot ? `under ${answer.foot}` : 'under no tube';
        return `${(answer.area / 100).toFixed(0)} cm², ${foot}`;
      }}
      fields={(row) => plateFields(row, plan.members)}
      kinds={[
        {
          text: 'plate',
          fresh: () => ({
            id: newId(),
            name: 'foot',
            stamp: nextStamp('P', plan.plates),
            under: firstFoot ? { member: firstFoot.id, end: 'a' } : null,
            on: null,
            follows: 'foot',
            at: null,
            tilt: deg(0),
            thickness: mm(3),
            outline: { kind: 'rectangle', length: mm(150), width: mm(100) },
            turnedUp: null,
            plinth: null,
            bolts: null,
          }),
        },
      ]}
    />
  );
}

function Gussets() {
  const plan = usePlan();
  const style = useJobStyle();
  const { gussets } = useEvaluation();
  const [first, second = first] = plan.members;
  return (
    <RecordList<Gusset>
      title="Sheet gussets"
      hint="Flat, or folded over both tubes, in the corner of two tubes that meet."
      path={['gussets']}
      name={(row) => `${row.stamp} ${row.kind} gusset`}
      about={(row) => {
        const answer = gussets.find((one) => one.gusset === row.id);
        if (!answer) return '';
        if (!answer.shape.ok) return answer.shape.fault.message;
        const { longEdge, sheetArea } = answer.shape.value;
        return `${answer.between.join(' and ')}, long edge ${formatWithUnit(longEdge, style)}, ${(sheetArea / 100).toFixed(0)} cm² of sheet`;
      }}
      fields={(row) => GUSSET_FIELDS(row)}
      kinds={
        first && second
          ? [
              {
                text: 'gusset',
                fresh: () => ({
                  id: newId(),
                  stamp: nextStamp('GP', plan.gussets),
                  kind: 'flat',
                  between: [{ member: first.id }, { member: second.id }],
                  legs: [mm(120), mm(120)],
                  thickness: mm(2),
                  holes: [],
                  twin: false,
                }),
              },
            ]
          : []
      }
    />
  );
}

function Parts() {
  const plan = usePlan();
  const style = useJobStyle();
  const { parts } = useEvaluation();
  const [first] = plan.members;
  const header = first?.id ?? '';
  return (
    <RecordList<Part>
      title="Splices, joints and bolt-in parts"
      hint="Splices with sleeve and rosettes, joints that come apart, belt guides, ties to the body, brackets, adjustable struts, a bar without a cage."
      path={['parts']}
      name={(row) => `${row.stamp} ${PART_WORDS[row.kind]}`}
      about={(row) =>
        figuresOf(
          parts.find((one) => one.part === row.id),
          style,
        )
      }
      fields={partFields}
      kinds={(Object.keys(PART_WORDS) as Part['kind'][]).map((kind) => ({
        text: PART_WORDS[kind],
        fresh: () => freshPart(kind, header, plan.parts),
      }))}
    />
  );
}

function figuresOf(answer: PartAnswer | undefined, style: LengthStyle): string {
  if (!answer) return '';
  if (!answer.answer.ok) return answer.answer.fault.message;
  const on = answer.on ? `on ${answer.on}; ` : '';
  const figures = answer.answer.value.figures.map(
    ({ name, mm: value }) => `${figureName(name)} ${formatWithUnit(value, style)}`,
  );
  return on + figures.join(', ');
}
