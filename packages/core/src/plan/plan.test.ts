import { planWith, HANDBOOK_CAR } from '../testing/index.ts';
import { shop } from '../testing/twoInchShop.ts';
import { type DieTest, NOTHING_MEASURED, type Plan, readPlan, readShop } from './index.ts';

const plan = planWith(HANDBOOK_CAR);
const faultOf = (data: unknown) => {
  const read = readPlan(data);
  return read.ok ? null : [read.fault.code, read.fault.path];
};
const [hoop] = plan.members;

test.each([
  [null, 'not-an-object', ''],
  [[], 'not-an-object', ''],
  [{}, 'wrong-format', '/format'],
  [{ ...plan, version: 0 }, 'wrong-version', '/version'],
  [{ ...plan, version: 99 }, 'newer-version', '/version'],
  [{ ...plan, colour: 'red' }, 'unknown-key', '/colour'],
  [
    {
      ...plan,
      survey: { ...plan.survey, measures: { ...plan.survey.measures, hoodHeight: { mm: 1, typed: '1' } } },
    },
    'unknown-key',
    '/survey/measures/hoodHeight',
  ],
  [
    { ...plan, survey: { ...plan.survey, measures: { headlinerCentre: { mm: -1, typed: '-1' } } } },
    'too-small',
    '/survey/measures/headlinerCentre/mm',
  ],
  [{ ...plan, members: [{ ...hoop, stamp: 'too long' }] }, 'wrong-form', '/members/0/stamp'],
  [
    { ...plan, members: [{ ...hoop, tube: { ...hoop?.tube, wall: { mm: 26, typed: '26' } } }] },
    'refused',
    '/members/0/tube/wall/mm',
  ],
  [
    { ...plan, members: [{ ...hoop, bending: { ...hoop?.bending, die: 'nowhere' } }] },
    'unknown-die',
    '/members/0/bending/die',
  ],
  [{ ...plan, members: [hoop, hoop] }, 'double-id', '/members'],
  [{ ...plan, brief: { ...plan.brief, dueBy: 'soon' } }, 'wrong-form', '/brief/dueBy'],
])('refuses what is no plan (%#)', (data, code, path) => {
  expect(faultOf(data)).toEqual([code, path]);
});

/** A document as version 1 wrote it, frozen: it must open for ever. */
const FROZEN_1 =
  '{"format":"gyrus-plan","version":1,"units":{"length":"mm","fraction":16},"measuringError":{"mm":3,"deg":0.5},"brief":{"car":"","series":"","customer":"","built":"four-point-bar","joining":"welded","use":"track","feetOn":"sill","drivers":[],"passenger":false,"carWeight":null,"dueBy":null,"books":[],"notes":""},"survey":{"measures":{"headlinerCentre":{"mm":1041.4,"typed":"41 in"}},"trust":null,"points":[],"planes":[],"keepOuts":[]},"dies":[],"members":[{"role":"main-hoop","id":"m","stamp":"MH","tube":{"od":{"mm":45,"typed":"45 mm"},"wall":{"mm":2.5,"typed":"2.5 mm"},"kind":"drawn-over-mandrel","batch":""},"pieces":[{"id":"p","stamp":"MH"}],"ends":{"a":{"kind":"landing","side":"left"},"b":{"kind":"landing","side":"right"}},"crossings":[],"bending":{"die":null,"dieAt":{},"clampSideAt":{},"springback":{"school":"tests"},"growRadius":false,"datum":"centre","trimA":{"mm":25,"typed":"25 mm"},"trimB":{"mm":25,"typed":"25 mm"}},"shape":"proposed","sides":"same","clearance":{"left":{"mm":10,"typed":"10 mm"},"right":{"mm":10,"typed":"10 mm"},"above":{"mm":10,"typed":"10 mm"}},"tilt":null,"footLift":{"mm":0,"typed":"0"}}],"plates":[],"occupants":[],"fitOrder":["p"],"copeOverrides":[],"answers":{}}';

test('a plan of version 1 opens', () => {
  const read = readPlan(JSON.parse(FROZEN_1));
  expect(read.ok && read.value.survey.measures.headlinerCentre?.mm).toBe(1041.4);
});

/** A bar and a plate as version 1 wrote them, frozen: the bar's points become a shape, the plate gets an outline. */
const FROZEN_1_BAR =
  '{"role":"backstay","id":"b","stamp":"B","tube":{"od":{"mm":45,"typed":"45 mm"},"wall":{"mm":2.5,"typed":"2.5 mm"},"kind":"drawn-over-mandrel","batch":""},"pieces":[{"id":"bl","stamp":"BL"},{"id":"br","stamp":"BR"}],"ends":{"a":{"kind":"height","on":{"member":"m","side":"left"},"height":{"mm":900,"typed":"900"}},"b":{"kind":"plate","plate":"plate"}},"crossings":[],"bending":{"die":null,"dieAt":{},"clampSideAt":{},"springback":{"school":"tests"},"growRadius":false,"datum":"a","trimA":{"mm":25,"typed":"25 mm"},"trimB":{"mm":25,"typed":"25 mm"}},"via":[{"feature":"over-arch","at":[{"mm":-300,"typed":"-300"},{"mm":500,"typed":"500"},{"mm":600,"typed":"600"}]}],"pair":"mirrored","right":{"a":null,"b":null,"via":[]}}';
const FROZEN_1_PLATE =
  '{"id":"plate","name":"foot","follows":"own","at":[{"mm":-700,"typed":"-700"},{"mm":450,"typed":"450"},{"mm":200,"typed":"200"}],"tilt":{"deg":0,"typed":"0"},"thickness":{"mm":3,"typed":"3"},"length":{"mm":150,"typed":"150"},"width":{"mm":80,"typed":"80"}}';

test('bars, plates, points and panels of version 1 are brought up to today', () => {
  const old = JSON.parse(FROZEN_1) as { members: unknown[]; plates: unknown[]; survey: object };
  const read = readPlan({
    ...old,
    members: [...old.members, JSON.parse(FROZEN_1_BAR)],
    plates: [JSON.parse(FROZEN_1_PLATE)],
    survey: {
      ...old.survey,
      points: [{ id: 'p', name: 'rail', side: null, at: [0, 1, 2].map((mm) => ({ mm, typed: String(mm) })) }],
      planes: [
        {
          id: 'q',
          name: 'shelf',
          at: [0, 1, 2].map((mm) => ({ mm, typed: String(mm) })),
          normal: [0, 0, 1].map((mm) => ({ mm, typed: String(mm) })),
        },
      ],
    },
  });
  if (!read.ok) throw new Error(JSON.stringify(read.fault));
  const { members, plates, survey } = read.value;
  expect(members[1]).toMatchObject({
    shape: { kind: 'through', via: [{ feature: 'over-arch' }] },
    right: { shape: { kind: 'through', via: [] } },
    existing: false,
  });
  expect(plates[0]).toMatchObject({ stamp: 'P1', outline: { kind: 'rectangle', length: { mm: 150 } } });
  expect([survey.points[0]?.zone, survey.planes[0]?.reach]).toEqual([null, null]);
});

test('a plan of version 2 opens with the usual way of coping', () => {
  // A document as version 2 wrote it: all of today's but what came with version 3.
  const { coping, copeTicks, harness, cockpit, ...three } = plan;
  const { roof, buildYear, ...brief } = three.brief;
  const two = { ...three, brief: { ...brief, books: [{ book: 'b', class: null }] } };
  const read = readPlan({ ...two, version: 2 });
  expect(read.ok && read.value.coping).toEqual(coping);
  expect(read.ok && read.value.copeTicks).toEqual(copeTicks);
  expect(read.ok && [read.value.harness, read.value.cockpit]).toEqual([harness, cockpit]);
  expect(read.ok && read.value.brief).toMatchObject({
    roof,
    buildYear,
    books: [{ book: 'b', class: null, edition: null }],
  });
});

/** The occupant, harness, plate and answer of a plan of version 3, frozen. */
const FROZEN_3 = JSON.parse(
  '{"occupants":[{"id":"o","name":"A","seat":"left","shoulder":null,"helmetTop":null,"height":null,"travel":null,"slots":[{"mm":0,"typed":"0"}]}],"harness":{"attach":"over","aim":null},"answers":{"book/rule/m":{"answer":"yes","by":"B","note":""}},"plates":[{"id":"plate","name":"foot","stamp":"P1","under":null,"follows":"own","at":[{"mm":-700,"typed":"-700"},{"mm":450,"typed":"450"},{"mm":200,"typed":"200"}],"tilt":{"deg":0,"typed":"0"},"thickness":{"mm":3,"typed":"3"},"outline":{"kind":"rectangle","length":{"mm":150,"typed":"150"},"width":{"mm":80,"typed":"80"}},"turnedUp":null,"plinth":null,"bolts":null}]}',
) as Record<string, unknown>;

test('a plan of version 3 opens: bodies unmeasured, belts worn, answers without a moment', () => {
  const { cockpit, coping, ...three } = plan;
  const { bodyRoom, ...copingThen } = coping;
  const read = readPlan({ ...three, ...FROZEN_3, coping: copingThen, version: 3 });
  if (!read.ok) throw new Error(JSON.stringify(read.fault));
  const { occupants, harness, answers, plates } = read.value;
  expect(occupants[0]).toMatchObject({ lap: { left: null, right: null }, body: { eye: null, hip: null } });
  expect(harness).toMatchObject({ attach: 'over', aim: null, worn: true });
  expect(answers['book/rule/m']).toEqual({ answer: 'yes', by: 'B', note: '', on: null, photos: [] });
  expect(plates[0]?.on).toBeNull();
  expect([read.value.cockpit, read.value.coping.bodyRoom]).toEqual([cockpit, bodyRoom]);
});

test('a plan of version 4 opens: its figures count as taken, and which reading is not trusted is named', () => {
  const { proposalsMarked: _, ...four } = plan;
  const { distrusted, ...survey } = plan.survey;
  expect(distrusted).toBeNull();
  const read = readPlan({ ...four, survey: { ...survey, trust: 'widths' }, version: 4 });
  if (!read.ok) throw new Error(JSON.stringify(read.fault));
  expect([read.value.version, read.value.proposalsMarked]).toEqual([8, false]);
  expect(read.value.survey.distrusted).toBe('protractor');
  expect(read.value.survey).not.toHaveProperty('trust');
  expect(JSON.stringify(read.value)).not.toContain('"assumed"');
});

test('who confirmed a figure needs a name; a date that is none is refused', () => {
  const known = (given: object) => ({
    ...plan,
    survey: { ...plan.survey, measures: { headlinerCentre: { mm: 1000, typed: '1000', known: given } } },
  });
  const at = '/survey/measures/headlinerCentre/known';
  expect(readPlan(known({ how: 'measured', by: 'A', on: '2026-03-01T08:00:00.000Z' })).ok).toBe(true);
  expect(readPlan(known({ how: 'assumed' })).ok).toBe(true);
  for (const given of [
    { how: 'measured', by: '', on: '2026-03-01T08:00:00.000Z' },
    { how: 'measured', by: 'A', on: 'soon' },
    { how: 'guessed' },
    { how: 'assumed', by: 'A' },
  ])
    expect(faultOf(known(given))?.[1]).toMatch(new RegExp(`^${at}`));
});

test('a plan of version 5 opens: no dial is known, no tube used was measured, and the program proposes the order', () => {
  const five = {
    ...plan,
    version: 5,
    dies: plan.dies.map(({ dialStep: _, dialZero: __, takes: ___, ...die }) => die),
    members: plan.members.map(({ bending: { order: _, ...bending }, ...member }) => ({ ...member, bending })),
  };
  const read = readPlan(five);
  if (!read.ok) throw new Error(JSON.stringify(read.fault));
  expect(read.value.members.map(({ bending }) => bending.order)).toEqual(plan.members.map(() => null));
  for (const die of read.value.dies)
    expect([die.dialStep, die.dialZero, die.takes]).toEqual([null, null, []]);
});

/** A die as it was before a test bend said how its tube was made, and what it was made for. */
const oldTests = <T extends { tests: DieTest[] }>(die: T) => ({
  ...die,
  tests: die.tests.map(({ id, od, wall, batch, reading, released, sound, note }) => ({
    ...{ id, od, wall, batch, reading, released, sound, note },
  })),
});

test('a plan of version 6 opens: its test bends are tests, of tube that nobody said the kind of', () => {
  const read = readPlan({
    ...plan,
    version: 6,
    dies: shop.machines.flatMap(({ dies }) => dies.map(oldTests)),
  });
  if (!read.ok) throw new Error(JSON.stringify(read.fault));
  const tests = read.value.dies.flatMap((die) => die.tests);
  expect(tests.length).toBeGreaterThan(0);
  for (const { kind, made } of tests) expect([kind, made]).toEqual([null, 'test']);
});

test('a plan of version 7 opens: a brush wants its usual room, nobody said when it is painted nor how the car stood, the hoop is as designed', () => {
  const { brushRoom, sawSwing, ...coping } = plan.coping;
  const { stance, again, ...survey } = plan.survey;
  const { paintOn, ...brief } = plan.brief;
  const members = plan.members.map((one) => {
    if (one.role !== 'main-hoop') return one;
    const { asBuilt, way, existing, cut, ...designed } = one;
    expect([asBuilt, way, existing, cut.a.mm + cut.b.mm]).toEqual([null, { kind: 'survey' }, false, 0]);
    return designed;
  });
  const read = readPlan({ ...plan, version: 7, brief, coping, survey, members });
  expect([stance, paintOn, again]).toEqual([null, null, {}]);
  expect(read).toMatchObject({
    ok: true,
    value: {
      ...plan,
      coping: { ...coping, brushRoom: { mm: brushRoom.mm }, sawSwing: { deg: sawSwing.deg } },
    },
  });
});

const leftOut = <T extends object, K extends keyof T>(record: T, ...keys: K[]) =>
  Object.fromEntries(Object.entries(record).filter(([key]) => !(keys as string[]).includes(key)));

/** What version 7 did not have yet, left out. */
const asOfSeven = ({ coping, survey, brief }: Plan) => ({
  coping: leftOut(coping, 'brushRoom', 'sawSwing'),
  survey: leftOut(survey, 'stance', 'again'),
  brief: leftOut(brief, 'paintOn'),
});

/** A take-off as version 7 wrote it, frozen: its bends say how far they turn in degrees, of the right twin too. */
const FROZEN_TAKE_OFF = JSON.parse(
  '{"kind":"take-off","aim":[{"mm":0,"typed":"0"},{"mm":400,"typed":"400"},{"mm":1000,"typed":"1000"}],"roll":{"deg":0,"typed":"0"},"rows":[{"straight":{"mm":508,"typed":"20"},"rotation":{"deg":0,"typed":"0"},"angle":{"deg":35,"typed":"35"}},{"straight":{"mm":698.5,"typed":"27.5"},"rotation":{"deg":-23.9,"typed":"-23.9"},"angle":{"deg":58,"typed":"58"}}],"tail":{"mm":609.6,"typed":"24"}}',
) as Record<string, unknown>;

test('a take-off of version 7 opens: straights without a sample bend, turned by the same degrees', () => {
  const { coping, survey, brief } = asOfSeven(plan);
  const [hoop] = plan.members;
  if (!hoop) throw new Error('the plan has a hoop');
  const { bending, tube } = hoop;
  const taken = {
    ...{ id: 'm-t', stamp: 'T', role: 'take-off', tube, bending, pieces: [{ id: 'p-t', stamp: 'T' }] },
    ...{ crossings: [], pair: 'single', offset: FROZEN_TAKE_OFF.aim, existing: false },
    ends: { a: { kind: 'point', at: FROZEN_TAKE_OFF.aim }, b: { kind: 'point', at: FROZEN_TAKE_OFF.aim } },
    cut: { a: { mm: 0, typed: '0' }, b: { mm: 0, typed: '0' } },
    shape: FROZEN_TAKE_OFF,
    right: { a: null, b: null, shape: FROZEN_TAKE_OFF },
  };
  const read = readPlan({ ...plan, version: 7, brief, coping, survey, members: [taken] });
  if (!read.ok) throw new Error(JSON.stringify(read.fault));
  const [bar] = read.value.members;
  if (bar?.role !== 'take-off') throw new Error('it is a take-off');
  for (const shape of [bar.shape, bar.right?.shape]) {
    if (shape?.kind !== 'take-off') throw new Error('its shape is one');
    expect(shape.sample).toBeNull();
    expect(
      shape.rows.map(({ straight, turn, angle, takes }) => [straight.mm, turn, angle.deg, takes]),
    ).toEqual([
      [508, { kind: 'degrees', angle: { deg: 0, typed: '0' } }, 35, null],
      [698.5, { kind: 'degrees', angle: { deg: -23.9, typed: '-23.9' } }, 58, null],
    ]);
  }
});

test('a shop of version 2 opens: no machine is a measured roller', () => {
  const { roller: _, ...setting } = NOTHING_MEASURED;
  const two = {
    ...shop,
    version: 2,
    machines: shop.machines.map((one) => ({ ...one, setting, dies: one.dies.map(oldTests) })),
  };
  const read = readShop(two);
  expect(read.ok && read.value.machines.map((one) => one.setting)).toEqual([NOTHING_MEASURED]);
});

test('a shop of version 1 opens: its machines stand where nobody has measured', () => {
  const [machine] = shop.machines;
  if (!machine) throw new Error('the shop has a machine');
  const { setting: _, dies, ...old } = machine;
  const one = {
    ...shop,
    version: 1,
    machines: [
      { ...old, dies: dies.map(({ dialStep: __, dialZero: ___, takes: ____, ...die }) => oldTests(die)) },
    ],
  };
  expect(readShop(one)).toEqual({ ok: true, value: { ...shop, machines: [machine] } });
  expect(readShop({ ...one, version: 4 })).toMatchObject({ ok: false, fault: { path: '/version' } });
});
