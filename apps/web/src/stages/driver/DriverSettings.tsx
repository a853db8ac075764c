import { type Occupant, placesOf, type Vec3 } from '@gyrus/core';
import { usePlan } from '../../job/store/planStore.ts';
import { RecordFields, type RecordField } from '../../job/fields/RecordFields.tsx';

const KEPT: RecordField[] = [
  { type: 'length', at: 'padding', label: 'padding is thick', least: 0 },
  { type: 'length', at: 'helmetReach', label: 'a helmet is thrown', least: 0 },
  { type: 'length', at: 'limbReach', label: 'a limb is thrown', least: 0 },
  { type: 'length', at: 'entry', label: 'free above the door bar', above: 0 },
  { type: 'length', at: 'seatRoom', label: 'door bar to seat', least: 0 },
  { type: 'length', at: 'doorRoom', label: 'door bar to skin', least: 0 },
];

/** Measures of the body; what is not written down follows from the height, and starts from there. */
function bodyFields(person: Occupant): RecordField[] {
  const { eye, hip, knee, elbow } = placesOf(person);
  const place = (at: string, label: string, start: Vec3 | null): RecordField => ({
    type: 'place',
    at,
    label,
    start: start ?? [0, 0, 0],
  });
  return [
    { type: 'length', at: 'height', label: 'height', optional: true, above: 0 },
    { type: 'length', at: 'body.shoulderWidth', label: 'width over the shoulders', optional: true, above: 0 },
    { type: 'length', at: 'body.seatWidth', label: "seat's outer width", optional: true, above: 0 },
    place('helmetTop', 'top of the helmet', null),
    place('body.eye', 'eye', eye),
    place('body.elbow', 'between the elbows, hands at the wheel', elbow),
    place('body.hip', 'hip, where the lap belt lies', hip),
    place('body.knee', 'between the knees, on top', knee),
  ];
}

/** What the shop keeps between tubes and people, and everybody's measures. */
export function DriverSettings() {
  const { occupants } = usePlan();
  return (
    <aside aria-label="Room and bodies" className="space-y-5">
      <section aria-label="Kept free" className="space-y-2">
        <h2 className="text-lg">Kept free</h2>
        <RecordFields path={['cockpit']} fields={KEPT} />
      </section>
      {occupants.map((person, i) => (
        <section key={person.id} aria-label={`Body of ${person.name || 'somebody'}`} className="space-y-2">
          <h2 className="text-lg">{person.name || 'Somebody'}</h2>
          <RecordFields path={['occupants', i]} fields={bodyFields(person)} />
        </section>
      ))}
    </aside>
  );
}
