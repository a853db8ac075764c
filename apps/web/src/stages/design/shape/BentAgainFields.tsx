import { assumed, type Bar, inDegrees, type MainHoop } from '@gyrus/core';
import { featureName } from '@gyrus/formats';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RowListFields, without } from '../../../job/fields/RowList.tsx';
import { memberPath } from '../../../job/fields/useMember.ts';
import { into, setAt } from '../../../job/store/planPath.ts';
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

const FRESH = assumed({ by: inDegrees(2) });
const HINT = 'Bends of the old tube that are pulled further; a bender never opens one.';
const optionsOf = (features: readonly string[]) => features.map((one) => [one, featureName(one)] as const);

/** Bends of a hoop that came with the car, pulled further: which, and by how much. */
export function HoopAgainFields({ member, features }: BentAgainProps<MainHoop>) {
  const path = into(memberPath(usePlan(), member), 'bentAgain');
  const change = usePlanStore((state) => state.change);
  const { bentAgain: again } = member;
  return (
    <fieldset className="space-y-2">
      <legend className="text-quiet mb-1 text-sm">{HINT}</legend>
      <RowListFields
        rows={{
          path,
          fields: () => [
            hoop.choice('feature', 'bend', optionsOf(features)),
            hoop.angle('by', 'further by', FURTHER),
          ],
          names: again.map(({ feature }) => `${featureName(feature)} bent again`),
          most: features.length === 0 ? 0 : 12,
          what: 'bend pulled further',
          added: (): HoopAgain => [...again, { feature: features[0] ?? '', ...FRESH }],
          removed: (i) => without(again, i),
        }}
        set={(key, next) => change(`${path.join('/')}/${key}`, (draft) => setAt(draft, path, next))}
      />
    </fieldset>
  );
}

/** The same of a bar; one of its ends swings. */
export function BarAgainFields({ member, features }: BentAgainProps<Bar>) {
  const path = into(memberPath(usePlan(), member), 'bentAgain');
  const change = usePlanStore((state) => state.change);
  const { bentAgain: again } = member;
  return (
    <fieldset className="space-y-2">
      <legend className="text-quiet mb-1 text-sm">{HINT}</legend>
      <RowListFields
        rows={{
          path,
          fields: () => [
            bar.choice('feature', 'bend', optionsOf(features)),
            bar.angle('by', 'further by', FURTHER),
            bar.choice('moves', 'the end that swings', [
              ['a', 'end A'],
              ['b', 'end B'],
            ]),
          ],
          names: again.map(({ feature }) => `${featureName(feature)} bent again`),
          most: features.length === 0 ? 0 : 12,
          what: 'bend pulled further',
          added: (): BarAgain => [...again, { feature: features[0] ?? '', ...FRESH, moves: 'b' }],
          removed: (i) => without(again, i),
        }}
        set={(key, next) => change(`${path.join('/')}/${key}`, (draft) => setAt(draft, path, next))}
      />
    </fieldset>
  );
}
