import { cockpitIn, evaluate, findingsIn } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { type Finding } from './index.ts';
import { bar, cageOf, heightOn, mm, personOf, placeAt, point } from '../testing/index.ts';
import { cageWith, personIn } from '../testing/doorCage.ts';

const findingsOf = (plan: Plan): Finding[] =>
  findingsIn(plan, evaluate(plan, EMPTY_SHOP, []), null, []).filter(({ key }) => key.startsWith('cockpit/'));

const codesOf = (plan: Plan): string[] => findingsOf(plan).map(({ code }) => code);

const answersOf = (plan: Plan) => cockpitIn(plan, evaluate(plan, EMPTY_SHOP, []));

const withCockpit = (plan: Plan, changes: Partial<Plan['cockpit']>): Plan => ({
  ...plan,
  cockpit: { ...plan.cockpit, ...changes },
});

test('nobody seated, nothing to say', () => {
  expect(findingsOf({ ...cageWith(), occupants: [] })).toEqual([]);
});

test('a helmet in a tube is out, one without room for its padding is a look, with the tube’s member', () => {
  const under = (top: number) => cageWith(personIn({ shoulder: null, helmetTop: placeAt(500, 600, top) }));
  const [hit] = findingsOf(under(900)).filter(({ code }) => code === 'body-in-tube');
  expect(hit).toMatchObject({ status: 'out', member: 'm-s', facts: { part: { text: 'helmet' } } });
  // The rail's axis stands near 890 mm; its lower surface and the padding's thickness above the helmet's top.
  const close = findingsOf(under(850));
  expect(close.find(({ code }) => code === 'no-room-to-pad')).toMatchObject({
    status: 'look',
    member: 'm-s',
  });
  expect(close.map(({ code }) => code)).not.toContain('body-in-tube');
  expect(codesOf(withCockpit(under(850), { padding: mm(1) }))).not.toContain('no-room-to-pad');
});

test('what a helmet reaches is a stretch to pad, on the road a danger in itself', () => {
  const track = cageWith(personIn({ helmetTop: placeAt(450, 520, 860) }));
  expect(codesOf(track)).toContain('pad-stretch');
  expect(codesOf(track)).not.toContain('street-head');
  const road: Plan = { ...track, brief: { ...track.brief, use: 'street-too' } };
  expect(findingsOf(road).find(({ code }) => code === 'street-head')?.status).toBe('out');
});

test('belts that are worn on a bar for show are the dangerous middle', () => {
  const show = (changes: Partial<Plan['brief']>, worn = true): Plan => ({
    ...cageWith(),
    brief: { ...cageWith().brief, ...changes },
    harness: { ...cageWith().harness, worn },
  });
  expect(codesOf(show({ use: 'show' }))).toContain('belts-on-show');
  expect(codesOf(show({ feetOn: 'floor-sheet' }))).toContain('belts-on-show');
  expect(codesOf(show({ use: 'show' }, false))).not.toContain('belts-on-show');
  expect(codesOf(show({}))).not.toContain('belts-on-show');
});

test('a front leg that hides more than a pillar may is told, on the road as out', () => {
  // 50.8 mm of tube at 40 cm from the eye hide about 7°.
  const eye = placeAt(560, 480, 760);
  const plan = cageWith(personIn({ body: { ...personOf('o').body, eye } }));
  const told = (given: Plan) => findingsOf(given).find(({ code }) => code === 'sight-hidden');
  expect(told(plan)).toMatchObject({ status: 'look', facts: { side: { text: 'left' } }, limit: { deg: 6 } });
  expect(told({ ...plan, brief: { ...plan.brief, use: 'street-too' } })?.status).toBe('out');
  const far = cageWith(personIn({ body: { ...personOf('o').body, eye: placeAt(0, 100, 760) } }));
  expect(told(far)).toBeUndefined();
});

test('too little above the door bar, at the shop’s own measure', () => {
  const [entry] = answersOf(cageWith()).entries;
  const height = entry?.height ?? 0;
  expect(codesOf(withCockpit(cageWith(), { entry: mm(height + 1) }))).toContain('entry-low');
  expect(codesOf(withCockpit(cageWith(), { entry: mm(height - 1) }))).not.toContain('entry-low');
});

test('a door bar near the skin or the seat: a look, and out where it stands in them', () => {
  const skinned = (half: number): Plan => {
    const plan = cageWith();
    return {
      ...plan,
      survey: { ...plan.survey, measures: { ...plan.survey.measures, doorSkinLeft: mm(half) } },
    };
  };
  const [room] = answersOf(skinned(800)).doorBars;
  const outermost = 800 - (room?.toSkin ?? 0);
  const statusAt = (half: number) =>
    findingsOf(skinned(half)).find(({ code }) => code === 'door-skin')?.status;
  expect([statusAt(outermost + 20), statusAt(outermost + 5), statusAt(outermost - 5)]).toEqual([
    undefined,
    'look',
    'out',
  ]);
  const seat = answersOf(cageWith()).doorBars[0];
  expect(seat?.seat).toBe('A. N.');
  const wide = cageWith(personIn({ body: { ...personOf('o').body, seatWidth: mm(800) } }));
  expect(findingsOf(wide).find(({ code }) => code === 'door-seat')?.status).toBe('out');
});

test('a seat that slides back brings the head nearer to the hoop: the worst setting is told', () => {
  const travel = {
    forward: mm(0),
    back: mm(150),
    slideNotches: 4,
    up: mm(0),
    down: mm(0),
    heightNotches: 1,
    upright: { deg: 0, typed: '0' },
    reclined: { deg: 0, typed: '0' },
    reclineNotches: 1,
    backLength: mm(520),
  };
  const still = answersOf(cageWith()).rooms.find(({ piece }) => piece === 'p-hoop');
  const moving = answersOf(cageWith(personIn({ travel }))).rooms.find(({ piece }) => piece === 'p-hoop');
  expect(moving?.gap ?? Infinity).toBeLessThan(still?.gap ?? Infinity);
  expect(moving?.notch).toEqual(['slide ', { mm: -150, signed: true }]);
});

test('a helmet under the hoop: below its top, below the line to the front legs’ top, and how far from it', () => {
  const [seated] = answersOf(cageWith()).people;
  const under = seated?.underHoop;
  const hoop = evaluate(cageWith(), EMPTY_SHOP, []).members[0]?.pieces[0]?.tube;
  const top = Math.max(...(hoop?.points ?? []).map(([, , z]) => z)) + (hoop?.od ?? 0) / 2;
  expect(under?.belowTop.mm).toBeCloseTo(top - 860, 0);
  // The legs end at 900 mm: the line falls toward them.
  expect(under?.belowLine?.mm ?? Infinity).toBeLessThan(under?.belowTop.mm ?? 0);
  const alone: Plan = { ...cageOf(), occupants: [personIn()] };
  expect(answersOf(alone).people[0]?.underHoop?.belowLine).toBeNull();
});

test('a windscreen bar’s height is told against the eye', () => {
  const legs = bar('l', 'front-leg', point(900, 600, 0), point(900, 600, 1000), {
    pair: 'mirrored',
    pieces: [
      { id: 'p-l-l', stamp: 'LL' },
      { id: 'p-l-r', stamp: 'LR' },
    ],
  });
  const screen = bar('w', 'windscreen-bar', heightOn('m-l', 'left', 950), heightOn('m-l', 'right', 950));
  const plan: Plan = {
    ...cageOf(legs, screen),
    occupants: [personIn({ body: { ...personOf('o').body, eye: placeAt(250, 330, 800) } })],
  };
  const [bars] = answersOf(plan).people.map(({ sight }) => sight?.windscreen ?? []);
  expect(bars?.map(({ above }) => Math.round(above))).toEqual([150]);
});
