import {
  assumed,
  formatWithUnit,
  type Gusset,
  inDegrees,
  type LengthStyle,
  millimetres,
  type Part,
  PART_KINDS,
  type PartAnswer,
  type Plate,
  saidIn,
  writeSaid,
} from '@gyrus/core';
import { figureName } from '@gyrus/formats';
import { newId, nextStamp } from '../../../job/fields/fresh.ts';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { freshPart, type Header } from './freshPart.ts';
import { gussetFields } from './gussetFields.ts';
import { PART_WORDS, partFields } from './partFields.ts';
import { plateFields } from './plateFields.ts';
import { cornerFor, featuresOf, footFor, headerFor } from '../bar/starts.ts';

const ON_NO_TUBE: ReadonlySet<Part['kind']> = new Set(['bracket', 'adjustable-strut', 'stand-alone-bar']);
const NO_HEADER: Header = { member: '', feature: 'end-a', along: 0 };

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
  const evaluation = useEvaluation();
  const { plates } = evaluation;
  return (
    <RecordList<Plate>
      title="Base plates"
      hint="What the feet stand on, with area, turned-up edge, plinth and bolts."
      path={into(PLAN_PATH, 'plates')}
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
            under: footFor(plan, evaluation),
            on: null,
            follows: 'foot',
            at: null,
            ...assumed({
              tilt: inDegrees(0),
              thickness: millimetres(3),
              outline: { kind: 'rectangle' as const, length: millimetres(150), width: millimetres(100) },
            }),
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
  const evaluation = useEvaluation();
  const { gussets } = evaluation;
  const corner = cornerFor(evaluation);
  return (
    <RecordList<Gusset>
      title="Sheet gussets"
      hint="Flat, or folded over both tubes, in the corner of two tubes that meet."
      path={into(PLAN_PATH, 'gussets')}
      name={(row) => `${row.stamp} ${row.kind} gusset`}
      about={(row) => {
        const answer = gussets.find((one) => one.gusset === row.id);
        if (!answer) return '';
        if (!answer.shape.ok) return writeSaid(saidIn(answer.shape.fault), style);
        const { longEdge, sheetArea } = answer.shape.value;
        return `${answer.between.join(' and ')}, long edge ${formatWithUnit(longEdge, style)}, ${(sheetArea / 100).toFixed(0)} cm² of sheet`;
      }}
      fields={gussetFields}
      kinds={
        corner
          ? [
              {
                text: 'gusset',
                fresh: () => ({
                  id: newId(),
                  stamp: nextStamp('GP', plan.gussets),
                  kind: 'flat',
                  between: corner,
                  legs: [assumed(millimetres(120)), assumed(millimetres(120))],
                  thickness: assumed(millimetres(2)),
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
  const evaluation = useEvaluation();
  const { parts } = evaluation;
  return (
    <RecordList<Part>
      title="Splices, joints and bolt-in parts"
      hint="Splices with sleeve and rosettes, joints that come apart, belt guides, ties to the body, brackets, adjustable struts, a bar without a cage."
      path={into(PLAN_PATH, 'parts')}
      name={(row) => `${row.stamp} ${PART_WORDS[row.kind]}`}
      about={(row) =>
        figuresOf(
          parts.find((one) => one.part === row.id),
          style,
        )
      }
      fields={(row) => partFields(row, 'on' in row ? featuresOf(evaluation, row.on) : [])}
      kinds={PART_KINDS.flatMap((kind) => {
        // Nothing is put on a tube while none stands.
        const header = headerFor(kind, evaluation) ?? (ON_NO_TUBE.has(kind) ? NO_HEADER : null);
        return header ? [{ text: PART_WORDS[kind], fresh: () => freshPart(kind, header, plan.parts) }] : [];
      })}
    />
  );
}

function figuresOf(answer: PartAnswer | undefined, style: LengthStyle): string {
  if (!answer) return '';
  if (!answer.answer.ok) return writeSaid(saidIn(answer.answer.fault), style);
  const on = answer.on ? `on ${answer.on}; ` : '';
  const figures = answer.answer.value.figures.map(
    ({ name, mm: value }) => `${figureName(name)} ${formatWithUnit(value, style)}`,
  );
  return on + figures.join(', ');
}
