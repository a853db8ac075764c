import { type Occupant, type Plan, placesOf } from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../job/fields/recordField.ts';
import { RecordFields } from '../../job/fields/RecordFields.tsx';
import { into, PLAN_PATH } from '../../job/store/planPath.ts';
import { usePlan } from '../../job/store/planStore.ts';

const { extent, size } = fieldsOf<Plan['cockpit']>();
const { length, place } = fieldsOf<Occupant>();

const KEPT = [
  extent('padding', 'padding is thick'),
  extent('helmetReach', 'a helmet is thrown'),
  extent('limbReach', 'a limb is thrown'),
  size('entry', 'free above the door bar'),
  extent('seatRoom', 'door bar to seat'),
  extent('doorRoom', 'door bar to skin'),
];

const MAY_BE_UNKNOWN = { optional: true, above: 0 };

/** Measures of the body; what is not written down follows from the height, and starts from there. */
function bodyFields(person: Occupant): RecordField<Occupant>[] {
  const { eye, hip, knee, elbow } = placesOf(person);
  return [
    length('height', 'height', MAY_BE_UNKNOWN),
    length('body.shoulderWidth', 'width over the shoulders', MAY_BE_UNKNOWN),
    length('body.seatWidth', "seat's outer width", MAY_BE_UNKNOWN),
    place('helmetTop', 'top of the helmet', [0, 0, 0]),
    place('body.eye', 'eye', eye ?? [0, 0, 0]),
    place('body.elbow', 'between the elbows, hands at the wheel', elbow ?? [0, 0, 0]),
    place('body.hip', 'hip, where the lap belt lies', hip ?? [0, 0, 0]),
    place('body.knee', 'between the knees, on top', knee ?? [0, 0, 0]),
  ];
}

/** What the shop keeps between tubes and people, and everybody's measures. */
export function DriverSettings() {
  const { occupants } = usePlan();
  return (
    <aside aria-label="Room and bodies" className="space-y-5">
      <section aria-label="Kept free" className="space-y-2">
        <h2 className="text-lg">Kept free</h2>
        <RecordFields path={into(PLAN_PATH, 'cockpit')} fields={KEPT} />
      </section>
      {occupants.map((person, i) => (
        <section key={person.id} aria-label={`Body of ${person.name || 'somebody'}`} className="space-y-2">
          <h2 className="text-lg">{person.name || 'Somebody'}</h2>
          <RecordFields path={into(into(PLAN_PATH, 'occupants'), i)} fields={bodyFields(person)} />
        </section>
      ))}
    </aside>
  );
}
