import { cockpitIn, evaluate, findingsIn } from '../evaluate.ts';
import { EMPTY_SHOP, type Occupant, type Plan } from '../plan/index.ts';
import { type Finding } from './index.ts';
import { bar, cageOf, heightOn, mm, personOf, placeAt, point } from '../testing/index.ts';

const person = (changes: Partial<Occupant> = {}): Occupant => ({
  ...personOf('o'),
  name: 'A. N.',
  height: mm(1780),
  shoulder: placeAt(230, 330, 560),
  helmetTop: placeAt(250, 330, 860),
  ...changes,
});

const leg = bar('f', 'front-leg', point(900, 640, 0), point(900, 600, 900));

const rail = bar('s', 'side-hoop', heightOn('m-hoop', 'left', 900), {
  kind: 'height',
  on: { member: 'm-f' },
  height: mm(880),
});

const door = bar('d', 'door-bar', heightOn('m-hoop', 'left', 300), {
  kind: 'height',
  on: { member: 'm-f' },
  height: mm(320),
});

const cage = (occupant: Occupant = person()): Plan => ({ ...cageOf(leg, rail, door), occupants: [occupant] });

const findingsOf = (plan: Plan): Finding[] =>
  findingsIn(plan, evaluate(plan, EMPTY_SHOP, []), null, []).filter(({ key }) => key.startsWith('cockpit/'));

const codesOf = (plan: Plan): string[] => findingsOf(plan).map(({ code }) => code);

const answersOf = (plan: Plan) => cockpitIn(plan, evaluate(plan, EMPTY_SHOP, []));

const withCockpit = (plan: Plan, changes: Partial<Plan['cockpit']>): Plan => ({
  ...plan,
  cockpit: { ...plan.cockpit, ...changes },
});

test('nobody seated, nothing to say', () => {
  expect(findingsOf({ ...cage(), occupants: [] })).toEqual([]);
});

test('a helmet in a tube is out, one without room for its padding is a look, with the tube’s member', () => {
  const under = (top: number) => cage(person({ shoulder: null, helmetTop: placeAt(500, 600, top) }));
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
  const track = cage(person({ helmetTop: placeAt(450, 520, 860) }));
  expect(codesOf(track)).toContain('pad-stretch');
  expect(codesOf(track)).not.toContain('street-head');
  const road: Plan = { ...track, brief: { ...track.brief, use: 'street-too' } };
  expect(findingsOf(road).find(({ code }) => code === 'street-head')?.status).toBe('out');
});

test('belts that are worn on a bar for show are the dangerous middle', () => {
  const show = (changes: Partial<Plan['brief']>, worn = true): Plan => ({
    ...cage(),
    brief: { ...cage().brief, ...changes },
    harness: { ...cage().harness, worn },
  });
  expect(codesOf(show({ use: 'show' }))).toContain('belts-on-show');
  expect(codesOf(show({ feetOn: 'floor-sheet' }))).toContain('belts-on-show');
  expect(codesOf(show({ use: 'show' }, false))).not.toContain('belts-on-show');
  expect(codesOf(show({}))).not.toContain('belts-on-show');
});

test('a front leg that hides more than a pillar may is told, on the road as out', () => {
  // 50.8 mm of tube at 40 cm from the eye hide about 7°.
  const eye = placeAt(560, 480, 760);
  const plan = cage(person({ body: { ...personOf('o').body, eye } }));
  const told = (given: Plan) => findingsOf(given).find(({ code }) => code === 'sight-hidden');
  expect(told(plan)).toMatchObject({ status: 'look', facts: { side: { text: 'left' } }, limit: { deg: 6 } });
  expect(told({ ...plan, brief: { ...plan.brief, use: 'street-too' } })?.status).toBe('out');
  const far = cage(person({ body: { ...personOf('o').body, eye: placeAt(0, 100, 760) } }));
  expect(told(far)).toBeUndefined();
});

test('too little above the door bar, at the shop’s own measure', () => {
  const [entry] = answersOf(cage()).entries;
  const height = entry?.height ?? 0;
  expect(codesOf(withCockpit(cage(), { entry: mm(height + 1) }))).toContain('entry-low');
  expect(codesOf(withCockpit(cage(), { entry: mm(height - 1) }))).not.toContain('entry-low');
});

test('a door bar near the skin or the seat: a look, and out where it stands in them', () => {
  const skinned = (half: number): Plan => {
    const plan = cage();
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
  const seat = answersOf(cage()).doorBars[0];
  expect(seat?.seat).toBe('A. N.');
  const wide = cage(person({ body: { ...personOf('o').body, seatWidth: mm(800) } }));
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
  const still = answersOf(cage()).rooms.find(({ piece }) => piece === 'p-hoop');
  const moving = answersOf(cage(person({ travel }))).rooms.find(({ piece }) => piece === 'p-hoop');
  expect(moving?.gap ?? Infinity).toBeLessThan(still?.gap ?? Infinity);
  expect(moving?.notch).toEqual(['slide ', { mm: -150, signed: true }]);
});

test('a helmet under the hoop: below its top, below the line to the front legs’ top, and how far from it', () => {
  const [seated] = answersOf(cage()).people;
  const under = seated?.underHoop;
  const hoop = evaluate(cage(), EMPTY_SHOP, []).members[0]?.pieces[0]?.tube;
  const top = Math.max(...(hoop?.points ?? []).map(([, , z]) => z)) + (hoop?.od ?? 0) / 2;
  expect(under?.belowTop.mm).toBeCloseTo(top - 860, 0);
  // The legs end at 900 mm: the line falls toward them.
  expect(under?.belowLine?.mm ?? Infinity).toBeLessThan(under?.belowTop.mm ?? 0);
  const alone: Plan = { ...cageOf(), occupants: [person()] };
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
    occupants: [person({ body: { ...personOf('o').body, eye: placeAt(250, 330, 800) } })],
  };
  const [bars] = answersOf(plan).people.map(({ sight }) => sight?.windscreen ?? []);
  expect(bars?.map(({ above }) => Math.round(above))).toEqual([150]);
});
