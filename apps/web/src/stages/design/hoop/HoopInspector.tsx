import {
  formatAngle,
  formatWithUnit,
  type HoopAnswer,
  type MainHoop,
  mainHoopOf,
  type ShapeProposal,
} from '@gyrus/core';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { PlanField } from '../../../job/fields/PlanField.tsx';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { hoopField, memberPath, useHoopEdit } from '../../../job/fields/useMember.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { angleKind, lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { Stamp } from '../../../shared/figures/Stamp.tsx';
import { HoopAgainFields } from '../shape/BentAgainFields.tsx';
import { HoopWayFields } from './HoopWayFields.tsx';
import { RemoveMember } from '../bar/RemoveMember.tsx';
import { TubeSelect } from '../bar/TubeSelect.tsx';

const SHAPES = [
  { value: 'proposed', text: 'as proposed' },
  { value: 'two-bend', text: 'two bends' },
  { value: 'four-bend', text: 'four bends' },
  { value: 'rolled-crown', text: 'rolled crown' },
] as const;
const SIDES = [
  { value: 'same', text: 'same both sides' },
  { value: 'each', text: 'each its own' },
] as const;

const CLEARANCES = [
  { key: 'left', label: 'clearance, left' },
  { key: 'right', label: 'clearance, right' },
  { key: 'above', label: 'clearance above' },
] as const;

/** The hoop by its trade parameters; every change shows at once in the picture beside it. */
export function HoopInspector({ answer, onRemoved }: { answer: HoopAnswer; onRemoved: () => void }) {
  const hoop = mainHoopOf(usePlan());
  if (!hoop) return null;
  return (
    <div className="space-y-4">
      <div className="flex items-center justify-between gap-3">
        <div className="flex items-center gap-3">
          <Stamp text={hoop.stamp} />
          <h2 className="text-xl">Main hoop</h2>
        </div>
        <RemoveMember member={hoop} onRemoved={onRemoved} />
      </div>
      <HoopWayFields hoop={hoop} geometry={'hoop' in answer.hoop ? answer.hoop.hoop : null} />
      {hoop.way.kind === 'survey' && <FromBody hoop={hoop} answer={answer} />}
      <TiltAndFeet hoop={hoop} />
      {hoop.way.kind !== 'survey' && <AsItCame hoop={hoop} features={answer.tube?.features ?? []} />}
      <TubeSelect member={hoop} />
    </div>
  );
}

/** What a hoop from the measured body is shaped by. */
function FromBody({ hoop, answer }: { hoop: MainHoop; answer: HoopAnswer }) {
  const edit = useHoopEdit();
  const found = 'hoop' in answer.hoop ? answer.hoop.hoop.fromSurvey : null;
  return (
    <>
      <div>
        <Segmented
          label="shape"
          value={hoop.shape}
          options={SHAPES}
          onChange={(shape) => edit('shape', (member) => void (member.shape = shape))}
        />
        {found && <Reason proposal={found.proposal} />}
      </div>
      <Segmented
        label="legs"
        value={hoop.sides}
        options={SIDES}
        onChange={(sides) => edit('sides', (member) => void (member.sides = sides))}
      />
      <Clearances hoop={hoop} />
    </>
  );
}

const hoopFields = fieldsOf<MainHoop>();
const CAME = hoopFields.choice('existing', 'the hoop', [
  [false, 'is made new'],
  [true, 'came with the car'],
]);
const CUTS = [
  hoopFields.extent('cut.a', 'cut off the left foot'),
  hoopFields.extent('cut.b', 'cut off the right foot'),
];

/** Whether it came with the car, what is cut off its feet, and which of its bends are pulled further. */
function AsItCame({ hoop, features }: { hoop: MainHoop; features: readonly string[] }) {
  const path = memberPath(usePlan(), hoop);
  if (!hoop.existing) return <RecordFields path={path} fields={[CAME]} />;
  return (
    <>
      <RecordFields path={path} fields={[CAME, ...CUTS]} />
      <HoopAgainFields member={hoop} features={features} />
    </>
  );
}

function Clearances({ hoop }: { hoop: MainHoop }) {
  const kind = lengthKind(useJobStyle(), { least: 0 });
  return (
    <div className="grid grid-cols-3 gap-3">
      {CLEARANCES.map(({ key, label }) => (
        <PlanField
          key={key}
          label={label}
          field={`hoop/clear/${key}`}
          kind={kind}
          value={hoop.clearance[key]}
          set={hoopField((member, value) => (member.clearance[key] = value))}
        />
      ))}
    </div>
  );
}

function TiltAndFeet({ hoop }: { hoop: MainHoop }) {
  const { measures } = usePlan().survey;
  const extent = lengthKind(useJobStyle(), { least: 0 });
  return (
    <div className="grid grid-cols-2 gap-3">
      <PlanField
        optional
        label="tilt to the rear"
        placeholder={`pillar's, ${formatAngle(measures.pillarTilt?.deg ?? 0)}°`}
        field="hoop/tilt"
        kind={angleKind({ least: -30, most: 45 })}
        value={hoop.tilt}
        set={(draft, value) => {
          const member = mainHoopOf(draft);
          if (member) member.tilt = value;
        }}
      />
      <PlanField
        label="plate and plinth under a foot"
        field="hoop/footLift"
        kind={extent}
        value={hoop.footLift}
        set={hoopField((member, value) => (member.footLift = value))}
      />
      {hoop.way.kind === 'survey' && hoop.shape === 'rolled-crown' && (
        <PlanField
          optional
          label="rise of the crown"
          placeholder="headliner's fall"
          field="hoop/crownRise"
          kind={extent}
          value={hoop.crownRise}
          set={(draft, value) => {
            const member = mainHoopOf(draft);
            if (member) member.crownRise = value;
          }}
        />
      )}
    </div>
  );
}

/** Why the program proposes this shape. */
function Reason({ proposal: { shape, reason, room } }: { proposal: ShapeProposal }) {
  const style = useJobStyle();
  const size = room === null ? '' : formatWithUnit(Math.abs(room), style);
  const words = {
    'no-lean-measured': 'no height where the side starts to lean was measured, so the leg runs straight',
    'leg-fits-wall': `a straight leg stands within ${size} of the wall where it leans`,
    'room-lost': `a straight leg would stand ${size} inside the wall where it leans`,
    'would-hit-wall': `a straight leg would go ${size} into the clearance where the wall leans`,
  }[reason];
  return (
    <p className="text-quiet mt-1 text-sm">
      Proposed: {shape === 'four-bend' ? 'four bends' : 'two bends'}, as <Typeset text={words} />.
    </p>
  );
}
