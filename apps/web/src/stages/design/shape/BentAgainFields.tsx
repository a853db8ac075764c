import { assumed, type Bar, inDegrees, type MainHoop } from '@gyrus/core';
import { featureName } from '@gyrus/formats';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';
import { RowListFields, without } from '../../../job/fields/RowList.tsx';
import { memberPath } from '../../../job/fields/useMember.ts';
import { into, type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';

type HoopAgain = MainHoop['bentAgain'];
type BarAgain = Bar['bentAgain'];

const FURTHER = { least: 0.1, most: 120 };
const hoop = fieldsOf<HoopAgain[number]>();
const bar = fieldsOf<BarAgain[number]>();

interface BentAgainProps<Member> {
  member: Member;
  /** Its bends, as they are named. */
  features: readonly string[];
}

/** As many as the plan takes. */
const MOST = 12;
const FRESH = assumed({ by: inDegrees(2) });
const HINT = 'Bends of the old tube that are pulled further; a bender never opens one.';
const optionsOf = (features: readonly string[]) => features.map((one) => [one, featureName(one)] as const);

interface AgainListProps<Row> {
  path: PlanPath<Row[]>;
  again: Row[];
  fields: readonly RecordField<Row>[];
  features: readonly string[];
  fresh: (feature: string) => Row;
}

function AgainList<Row extends { feature: string }>(props: AgainListProps<Row>) {
  const { path, again, fields, features, fresh } = props;
  const change = usePlanStore((state) => state.change);
  return (
    <fieldset className="space-y-2">
      <legend className="text-quiet mb-1 text-sm">{HINT}</legend>
      <RowListFields
        rows={{
          path,
          fields: () => fields,
          names: again.map(({ feature }) => `${featureName(feature)} bent again`),
          most: features.length === 0 ? 0 : MOST,
          what: 'bend pulled further',
          added: (): Row[] => [...again, fresh(features[0] ?? '')],
          removed: (i): Row[] => without(again, i),
        }}
        set={(key, next: Row[]) => change(`${path.join('/')}/${key}`, (draft) => setAt(draft, path, next))}
      />
    </fieldset>
  );
}

/** Bends of a hoop that came with the car, pulled further: which, and by how much. */
export const HoopAgainFields = ({ member, features }: BentAgainProps<MainHoop>) => (
  <AgainList<HoopAgain[number]>
    path={into(memberPath(usePlan(), member), 'bentAgain')}
    again={member.bentAgain}
    fields={[hoop.choice('feature', 'bend', optionsOf(features)), hoop.angle('by', 'further by', FURTHER)]}
    features={features}
    fresh={(feature) => ({ feature, ...FRESH })}
  />
);

/** The same of a bar; one of its ends swings. */
export const BarAgainFields = ({ member, features }: BentAgainProps<Bar>) => (
  <AgainList<BarAgain[number]>
    path={into(memberPath(usePlan(), member), 'bentAgain')}
    again={member.bentAgain}
    fields={[
      bar.choice('feature', 'bend', optionsOf(features)),
      bar.angle('by', 'further by', FURTHER),
      bar.choice('moves', 'the end that swings', [
        ['a', 'end A'],
        ['b', 'end B'],
      ]),
    ]}
    features={features}
    fresh={(feature) => ({ feature, ...FRESH, moves: 'b' })}
  />
);
