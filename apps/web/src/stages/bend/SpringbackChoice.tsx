import { type BendingChoice, type Member, TYPICAL_YIELD } from '@gyrus/core';
import { PlanField } from '../../job/fields/PlanField.tsx';
import { memberField, useMemberEdit } from '../../job/fields/useMember.ts';
import { NumberField } from '../../shared/fields/NumberField.tsx';
import { angleKind } from '../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';

type School = BendingChoice['springback']['school'];

const SCHOOLS: { value: School; text: string }[] = [
  { value: 'tests', text: 'tests' },
  { value: 'constant', text: 'degrees' },
  { value: 'share', text: 'share' },
  { value: 'theory', text: 'theory' },
];

/** Springback by the school the builder follows: all are in use, and all are right on some machine. */
export function SpringbackChoice({ member }: { member: Member }) {
  const edit = useMemberEdit(member.id);
  const { springback } = member.bending;
  const set = (key: string, next: BendingChoice['springback']) =>
    edit(`springback/${key}`, (draft) => void (draft.bending.springback = next));
  const start = (school: School) => set('school', fresh(school, member));
  return (
    <div className="space-y-2">
      <Segmented label="springback by" value={springback.school} options={SCHOOLS} onChange={start} />
      {springback.school === 'constant' && (
        <PlanField
          label="degrees on every bend"
          field={`member/${member.id}/springback/degrees`}
          kind={angleKind({ least: 0, most: 45 })}
          value={springback.degrees}
          set={memberField(
            member.id,
            (draft, degrees) => (draft.bending.springback = { school: 'constant', degrees }),
          )}
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
function fresh(school: School, { tube }: Member): BendingChoice['springback'] {
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
