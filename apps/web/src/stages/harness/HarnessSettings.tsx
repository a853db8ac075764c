import { assumed, type Occupant, placesOf, type Vec3 } from '@gyrus/core';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { RecordFields, type RecordField } from '../../job/fields/RecordFields.tsx';
import { Button } from '../../shared/frame/Button.tsx';

const STRAPS: RecordField[] = [
  {
    type: 'choice',
    at: 'attach',
    label: 'straps are fastened',
    options: [
      { value: 'tab', text: 'to tabs' },
      { value: 'over', text: 'over the bar' },
      { value: 'under', text: 'under the bar' },
    ],
  },
  { type: 'angle', at: 'aim', label: 'aim (empty: the middle)', optional: true, least: -45 },
  { type: 'length', at: 'longestSpan', label: 'strut from a span of', above: 0 },
  {
    type: 'choice',
    at: 'worn',
    label: 'belts on this bar',
    options: [
      { value: true, text: 'are worn' },
      { value: false, text: 'are for show' },
    ],
  },
];

/** Half the width of a seat: lap belts are bolted about there. mm, common practice */
const BESIDE = 270;

/** Belts of one seat; the hip starts where the height has it, anchors behind and below it, 60° down. */
function beltFields(person: Occupant): RecordField[] {
  const hip = placesOf(person).hip ?? [0, 0, 0];
  const [x, y, z] = hip;
  const anchor = (sign: 1 | -1): Vec3 => [x - z / Math.tan(Math.PI / 3), y + sign * BESIDE, 0];
  return [
    { type: 'length', at: 'slotsApart', label: 'slots apart', least: 0 },
    { type: 'place', at: 'body.hip', label: 'hip, where the lap belt lies', start: hip },
    { type: 'place', at: 'lap.left', label: 'lap anchor, left', start: anchor(1) },
    { type: 'place', at: 'lap.right', label: 'lap anchor, right', start: anchor(-1) },
  ];
}

const TRAVEL: RecordField[] = [
  { type: 'length', at: 'travel.forward', label: 'slides forward', least: 0 },
  { type: 'length', at: 'travel.back', label: 'slides back', least: 0 },
  { type: 'count', at: 'travel.slideNotches', label: 'notches of the slide', least: 1, most: 100 },
  { type: 'length', at: 'travel.up', label: 'rises', least: 0 },
  { type: 'length', at: 'travel.down', label: 'is lowered', least: 0 },
  { type: 'count', at: 'travel.heightNotches', label: 'notches of the height', least: 1, most: 100 },
  { type: 'angle', at: 'travel.upright', label: 'comes up by', least: 0 },
  { type: 'angle', at: 'travel.reclined', label: 'lies down by', least: 0 },
  { type: 'count', at: 'travel.reclineNotches', label: 'notches of the recline', least: 1, most: 100 },
  { type: 'length', at: 'travel.backLength', label: "length of the seat's back", least: 0 },
];

const none = { mm: 0, typed: '0 mm' };
const MOVING = assumed({
  forward: none,
  back: none,
  slideNotches: 1,
  up: none,
  down: none,
  heightNotches: 1,
  upright: { deg: 0, typed: '0' },
  reclined: { deg: 0, typed: '0' },
  reclineNotches: 1,
  backLength: { mm: 520, typed: '520 mm' },
});

/** How straps are fastened, and for everybody how far the seat goes and which slots are used. */
export function HarnessSettings() {
  const { occupants } = usePlan();
  const change = usePlanStore((state) => state.change);
  return (
    <aside aria-label="Seats and straps" className="space-y-5">
      <section aria-label="Straps" className="space-y-2">
        <h2 className="text-lg">Straps</h2>
        <RecordFields path={['harness']} fields={STRAPS} />
      </section>
      {occupants.map((person, i) => {
        const { id, name, travel, slots } = person;
        return (
          <section key={id} aria-label={`Seat of ${name || 'somebody'}`} className="space-y-2">
            <h2 className="text-lg">Seat of {name || 'somebody'}</h2>
            <p className="text-quiet text-sm">
              A slot is where the straps leave the seat, or the guide of the head-restraint device.
            </p>
            <RecordFields
              path={['occupants', i]}
              fields={[
                ...slots.map((_, slot): RecordField => ({
                  type: 'length',
                  at: `slots.${slot}`,
                  label: `slot ${slot + 1} above the shoulder`,
                  least: -300,
                })),
                ...beltFields(person),
                ...(travel ? TRAVEL : []),
              ]}
            />
            <div className="flex flex-wrap gap-2">
              {slots.length < 6 && (
                <Button
                  onClick={() =>
                    change(`slots/${id}`, (plan) => void plan.occupants[i]?.slots.push(assumed(none)))
                  }
                >
                  Another slot
                </Button>
              )}
              <Button
                onClick={() =>
                  change(`travel/${id}`, (plan) => {
                    const person = plan.occupants[i];
                    if (person) person.travel = travel ? null : MOVING;
                  })
                }
              >
                {travel ? 'The seat is fixed' : 'The seat moves'}
              </Button>
            </div>
          </section>
        );
      })}
    </aside>
  );
}
