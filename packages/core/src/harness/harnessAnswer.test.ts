import { evaluate, harnessIn } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { bar, cageOf, deg, heightOn, mm, personOf, placeAt, point, stationOn } from '../testing/index.ts';

const person = (name: string, z: number): Plan['occupants'][number] => ({
  ...personOf(name),
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

describe('the bar from above', () => {
  const guides = (along: number, apart: number): Plan['parts'][number] => ({
    kind: 'belt-guide',
    id: 'g',
    stamp: 'BG1',
    on: { member: 'm-h' },
    station: { feature: 'end-a', edge: 'middle', along: mm(along) },
    style: 'guide',
    apart: mm(apart),
  });

  test('without guides the straps run straight back, and the bar’s span is its whole length', () => {
    const answer = answerTo(withPeople(person('A', 640)));
    expect(answer.runs.map(({ side }) => side)).toEqual(['left', 'right']);
    for (const { spread } of answer.runs) expect(spread).toBeCloseTo(0, 6);
    expect(answer.span.from).toBe(0);
    expect(answer.legRoom).toBeGreaterThan(0);
    expect(answer.seatBackRoom).toBeCloseTo(260 - answer.bar.x - answer.bar.od / 2, -1);
  });

  test('guides to one side make the straps run off straight back', () => {
    const plan = { ...withPeople(person('A', 640)), parts: [guides(100, 150)] };
    const wide = Math.max(...answerTo(plan).runs.map(({ spread }) => spread));
    expect(wide).toBeGreaterThan(10);
  });

  test('a long bar, or one that two seats share, wants a strut; a strut halves its span', () => {
    const alone = withPeople(person('A', 640));
    const limited = (mmLimit: number): Plan => ({
      ...alone,
      harness: { ...alone.harness, longestSpan: mm(mmLimit) },
    });
    const { length } = answerTo(alone).span;
    expect([answerTo(limited(length - 1)).wantsStrut, answerTo(limited(length + 1)).wantsStrut]).toEqual([
      true,
      false,
    ]);
    const strutted = cageOf(
      bar('h', 'harness-bar', heightOn('m-hoop', 'left', 600), heightOn('m-hoop', 'right', 600)),
      bar('t', 'strut', stationOn('m-h', 'end-a', length / 2), point(-300, 0, 100)),
    );
    expect(answerTo({ ...strutted, occupants: [person('A', 640)] }).span.length).toBeCloseTo(length / 2, -1);
  });

  test('where no height suits all, ways out are told with the tube that they take', () => {
    const answer = answerTo(withPeople(person('tall', 900), person('short', 560)));
    expect(answer.interval?.room).toBeLessThan(0);
    const each = answer.alternatives.find(({ kind }) => kind === 'bar-each');
    expect(each?.tube).toBeGreaterThan(900);
    expect(each?.mass).toBeGreaterThan(1);
    expect(answer.alternatives.find(({ kind }) => kind === 'seat-stop')).toMatchObject({ tube: 0, mass: 0 });
    expect(answerTo(withPeople(person('A', 640))).alternatives).toEqual([]);
  });

  test('where it holds as it is, it may stay in its place', () => {
    expect(answerTo(withPeople(person('A', 640))).behind?.least).toBe(0);
    expect(answerTo(withPeople(person('A', 400))).behind).toBeNull();
  });
});
