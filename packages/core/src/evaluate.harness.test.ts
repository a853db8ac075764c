import { evaluate, harnessIn } from './evaluate.ts';
import { EMPTY_SHOP, newOccupant, type Plan } from './plan/index.ts';
import { bar, cageOf, deg, heightOn, mm, placeAt } from './testing.ts';

const person = (name: string, z: number): Plan['occupants'][number] => ({
  ...newOccupant(name),
  name,
  shoulder: placeAt(260, 300, z),
});

const withPeople = (...people: Plan['occupants']): Plan => ({
  ...cageOf(bar('h', 'harness-bar', heightOn('m-hoop', 'left', 600), heightOn('m-hoop', 'right', 600))),
  occupants: people,
});
const answerTo = (plan: Plan) => {
  const [answer] = harnessIn(plan, evaluate(plan, EMPTY_SHOP, []), []);
  if (!answer) throw new Error('there is a harness bar');
  return answer;
};

test('the bar behind the shoulder, its strap and the height that is aimed for', () => {
  const answer = answerTo(withPeople(person('A', 640)));
  expect(answer.bar.z).toBeCloseTo(600, 1);
  const [strap] = answer.now;
  expect(strap?.angle).toBeCloseTo((Math.atan2(640 - answer.bar.z, 260 - answer.bar.x) * 180) / Math.PI, 6);
  // Ten degrees down to the rear is the usual aim.
  expect(640 - (answer.aim ?? 0)).toBeCloseTo((260 - answer.bar.x) * Math.tan((10 * Math.PI) / 180), 0);
});

test('nobody measured, nothing to say; a seat that moves takes room from the interval', () => {
  expect(answerTo(withPeople()).interval).toBeNull();
  const fixed = answerTo(withPeople(person('A', 640)));
  const travel = {
    forward: mm(60),
    back: mm(60),
    slideNotches: 5,
    up: mm(30),
    down: mm(30),
    heightNotches: 3,
    upright: deg(0),
    reclined: deg(10),
    reclineNotches: 2,
    backLength: mm(520),
  };
  const moving = answerTo(withPeople({ ...person('A', 640), travel, slots: [mm(0), mm(40)] }));
  expect(moving.places).toHaveLength(5 * 3 * 2 * 2);
  expect(moving.interval?.room).toBeLessThan(fixed.interval?.room ?? 0);
});

test('two seats side by side share the bar', () => {
  const other = { ...person('B', 600), seat: 'right' as const, shoulder: placeAt(260, -300, 600) };
  expect(answerTo(withPeople(person('A', 640), other)).seats).toBe(2);
});
