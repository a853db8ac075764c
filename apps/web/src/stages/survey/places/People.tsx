import { newOccupant, type Plan } from '@gyrus/core';
import { at, newId } from '../../../job/fields/fresh.ts';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';

const NAME = fieldsOf<{ name: string }>().text('name', 'name');
const person = fieldsOf<Plan['occupants'][number]>();
const PERSON_FIELDS = [
  NAME,
  person.choice('seat', 'seat', [
    ['left', 'left'],
    ['centre', 'centre'],
    ['right', 'right'],
  ]),
  person.place('shoulder', 'shoulder, where the strap lies', [0, 350, 620]),
  person.place('helmetTop', 'top of the helmet', [0, 350, 920]),
];

/** Everybody who sits in the car: named at Brief or added here, with what is measured in the seat. */
export function People() {
  return (
    <RecordList<Plan['occupants'][number]>
      title="Who sits in it"
      hint="Shoulder and top of the helmet, measured with the driver in the seat: drawn in space."
      path={into(PLAN_PATH, 'occupants')}
      name={(row) => row.name || 'somebody'}
      about={measuredWords}
      fields={() => PERSON_FIELDS}
      kinds={[
        {
          text: 'driver',
          fresh: () => ({
            ...newOccupant(newId()),
            shoulder: at(0, 350, 620),
            helmetTop: at(0, 350, 920),
          }),
        },
      ]}
    />
  );
}

function measuredWords({ shoulder, helmetTop }: Plan['occupants'][number]): string {
  const missing = [shoulder ? '' : 'shoulder', helmetTop ? '' : 'helmet'].filter(Boolean);
  return missing.length === 0 ? 'measured in the seat' : `${missing.join(' and ')} not measured yet`;
}
