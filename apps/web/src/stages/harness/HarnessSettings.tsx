import { assumed, type Occupant, type Plan, placesOf, type Vec3 } from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../job/fields/recordField.ts';
import { RecordFields } from '../../job/fields/RecordFields.tsx';
import { into, PLAN_PATH } from '../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { Button } from '../../shared/frame/Button.tsx';

const straps = fieldsOf<Plan['harness']>();
const { angle, count, extent, length, place } = fieldsOf<Occupant>();

const STRAPS = [
  straps.choice('attach', 'straps are fastened', [
    ['tab', 'to tabs'],
    ['over', 'over the bar'],
    ['under', 'under the bar'],
  ]),
  straps.angle('aim', 'aim (empty: the middle)', { optional: true, least: -45, most: 90 }),
  straps.size('longestSpan', 'strut from a span of'),
  straps.choice('worn', 'belts on this bar', [
    [true, 'are worn'],
    [false, 'are for show'],
  ]),
];

/** Half the width of a seat: lap belts are bolted about there. mm, common practice */
const BESIDE = 270;

/** Belts of one seat; the hip starts where the height has it, anchors behind and below it, 60° down. */
function beltFields(person: Occupant): RecordField<Occupant>[] {
  const hip = placesOf(person).hip ?? [0, 0, 0];
  const [x, y, z] = hip;
  const anchor = (sign: 1 | -1): Vec3 => [x - z / Math.tan(Math.PI / 3), y + sign * BESIDE, 0];
  return [
    extent('slotsApart', 'slots apart'),
    place('body.hip', 'hip, where the lap belt lies', hip),
    place('lap.left', 'lap anchor, left', anchor(1)),
    place('lap.right', 'lap anchor, right', anchor(-1)),
  ];
}

const TRAVEL = [
  extent('travel.forward', 'slides forward'),
  extent('travel.back', 'slides back'),
  count('travel.slideNotches', 'notches of the slide', 1, 100),
  extent('travel.up', 'rises'),
  extent('travel.down', 'is lowered'),
  count('travel.heightNotches', 'notches of the height', 1, 100),
  angle('travel.upright', 'comes up by', { least: 0, most: 45 }),
  angle('travel.reclined', 'lies down by', { least: 0, most: 45 }),
  count('travel.reclineNotches', 'notches of the recline', 1, 100),
  extent('travel.backLength', "length of the seat's back"),
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
        <RecordFields path={into(PLAN_PATH, 'harness')} fields={STRAPS} />
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
              path={into(into(PLAN_PATH, 'occupants'), i)}
              fields={[
                ...slots.map((_, slot) =>
                  length(`slots.${slot}`, `slot ${slot + 1} above the shoulder`, { least: -300 }),
                ),
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
