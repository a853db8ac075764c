import {
  formatWithUnit,
  type LengthStyle,
  type Part,
  PART_KINDS,
  type PartAnswer,
  saidIn,
  writeSaid,
} from '@gyrus/core';
import { figureName } from '@gyrus/formats';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { freshPart, type Header } from './freshPart.ts';
import { panelKinds } from './freshPanel.ts';
import { PART_WORDS, partFields } from './partFields.ts';
import { featuresOf, headerFor } from '../bar/starts.ts';
import { BarPanels } from './BarPanels.tsx';
import { Plates } from './Plates.tsx';
import { Gussets } from './Gussets.tsx';

const ON_NO_TUBE: ReadonlySet<Part['kind']> = new Set(['bracket', 'adjustable-strut', 'stand-alone-bar']);

const NO_HEADER: Header = { member: '', feature: 'end-a', along: 0 };

/** Plates, sheet gussets, and what is made or bought beside the tubes. */
export function PartsPanel() {
  return (
    <div className="space-y-8">
      <Plates />
      <Gussets />
      <Parts />
      <BarPanels />
    </div>
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
        if (kind === 'bar-panel') return panelKinds(evaluation, plan.parts);
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
