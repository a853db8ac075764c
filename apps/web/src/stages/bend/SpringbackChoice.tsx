import { type MainHoop, TYPICAL_YIELD } from '@gyrus/core';
import { PlanField } from '../../job/PlanField.tsx';
import { usePlanStore } from '../../job/planStore.ts';
import { NumberField } from '../../shared/NumberField.tsx';
import { angleKind } from '../../shared/quantityKinds.ts';
import { Segmented } from '../../shared/Segmented.tsx';

type School = MainHoop['bending']['springback']['school'];

const SCHOOLS: { value: School; text: string }[] = [
  { value: 'tests', text: 'tests' },
  { value: 'constant', text: 'degrees' },
  { value: 'share', text: 'share' },
  { value: 'theory', text: 'theory' },
];

/** Springback by the school the builder follows: all are in use, and all are right on some machine. */
export function SpringbackChoice({ hoop }: { hoop: MainHoop }) {
  const change = usePlanStore((state) => state.change);
  const { springback } = hoop.bending;
  const set = (key: string, next: MainHoop['bending']['springback']) =>
    change(
      `hoop/springback/${key}`,
      ({ members: [member] }) => member && void (member.bending.springback = next),
    );
  const start = (school: School) => set('school', fresh(school, hoop));
  return (
    <div className="space-y-2">
      <Segmented label="springback by" value={springback.school} options={SCHOOLS} onChange={start} />
      {springback.school === 'constant' && (
        <PlanField
          label="degrees on every bend"
          field="hoop/springback/degrees"
          kind={angleKind({ least: 0, most: 45 })}
          value={springback.degrees}
          set={({ members: [member] }, degrees) =>
            member && degrees && void (member.bending.springback = { school: 'constant', degrees })
          }
        />
      )}
      {springback.school === 'share' && (
        <NumberField
          label="per cent of the angle"
          value={springback.share * 100}
          low={0}
          high={50}
          onChange={(percent) => set('share', { school: 'share', share: percent / 100 })}
        />
      )}
      {springback.school === 'theory' && (
        <NumberField
          label="yield strength, N/mm² (typical values are from memory)"
          value={springback.yieldStrength}
          low={1}
          high={3000}
          onChange={(yieldStrength) => set('yield', { school: 'theory', yieldStrength })}
        />
      )}
    </div>
  );
}

/** A school as it starts: five degrees, five per cent, the tube kind's typical yield. */
function fresh(school: School, { tube }: MainHoop): MainHoop['bending']['springback'] {
  switch (school) {
    case 'tests':
      return { school };
    case 'constant':
      return { school, degrees: { deg: 5, typed: '5' } };
    case 'share':
      return { school, share: 0.05 };
    case 'theory':
      return { school, yieldStrength: TYPICAL_YIELD[tube.kind] };
  }
}
