type Document = Record<string, unknown>;
type Migration = (document: Document) => Document;

/** migrations[n] takes version n + 1 to n + 2; a migration never calls today's helpers, whose meaning moves. */
export const migrations: Migration[] = [
  barsWithShapes,
  copingSettings,
  peopleWithBodies,
  figuresKnown,
  dialsAndOrders,
  testsOfAKind,
  builtForReal,
];

const record = (value: unknown): Document => (value ?? {}) as Document;
const list = (value: unknown): Document[] => (Array.isArray(value) ? value.map(record) : []);

/** 1 → 2: a bar's points became one shape among others; plates, panels and points say more. */
function barsWithShapes(old: Document): Document {
  const nothing = { mm: 0, typed: '0' };
  const through = (via: unknown) => ({ kind: 'through', via });
  const barFrom = ({ via, right, ...bar }: Document): Document => ({
    ...bar,
    shape: through(via),
    right: right ? rightFrom(record(right)) : null,
    offset: [nothing, nothing, nothing],
    existing: false,
    cut: { a: nothing, b: nothing },
  });
  const rightFrom = ({ via, ...ends }: Document): Document => ({ ...ends, shape: via ? through(via) : null });
  const survey = record(old.survey);
  return {
    ...old,
    version: 2,
    members: list(old.members).map((one) =>
      one.role === 'main-hoop' ? { ...one, crownRise: null } : barFrom(one),
    ),
    survey: {
      ...survey,
      points: list(survey.points).map((one) => ({ ...one, zone: null })),
      planes: list(survey.planes).map((one) => ({ ...one, reach: null })),
      gaps: [],
      ribs: [],
    },
    plates: list(old.plates).map(({ length, width, ...plate }, i) => ({
      ...plate,
      stamp: `P${i + 1}`,
      under: null,
      outline: { kind: 'rectangle', length, width },
      turnedUp: null,
      plinth: null,
      bolts: null,
    })),
    gussets: [],
    parts: [],
    weldPosition: { forward: nothing, drop: nothing },
  };
}

/** 2 → 3: the shop's way of coping and ends that are ticked off; roof, year and the editions that a job is tied to. */
function copingSettings(old: Document): Document {
  const brief = record(old.brief);
  return {
    ...old,
    version: 3,
    brief: {
      ...brief,
      roof: 'closed',
      buildYear: null,
      books: list(brief.books).map((one) => ({ ...one, edition: null })),
    },
    coping: {
      notcher: { largestDial: { deg: 60, typed: '60' }, sawDepth: { mm: 45, typed: '45 mm' } },
      straightCutGap: { mm: 1.5, typed: '1.5 mm' },
      sharpest: { deg: 30, typed: '30' },
      torchRoom: { mm: 20, typed: '20 mm' },
      paper: { mm: 0.1, typed: '0.1 mm' },
    },
    copeTicks: [],
    harness: { attach: 'tab', aim: { deg: 10, typed: '10' } },
    occupants: list(old.occupants).map((one) => ({
      ...one,
      travel: null,
      slots: [{ mm: 0, typed: '0' }],
    })),
  };
}

/** 3 → 4: bodies and lap belts, what is kept between people and tubes, when an answer was given, what each plate is on. */
function peopleWithBodies(old: Document): Document {
  const length = (mm: number) => ({ mm, typed: `${mm} mm` });
  const answers = Object.entries(record(old.answers)).map(([key, one]) => [key, record(one)] as const);
  return {
    ...old,
    version: 4,
    plates: list(old.plates).map((one) => ({ ...one, on: null })),
    occupants: list(old.occupants).map((one) => ({
      ...one,
      slotsApart: length(150),
      body: { eye: null, hip: null, knee: null, elbow: null, shoulderWidth: null, seatWidth: null },
      lap: { left: null, right: null },
    })),
    coping: { ...record(old.coping), bodyRoom: length(50) },
    harness: { ...record(old.harness), worn: true, longestSpan: length(1000) },
    cockpit: {
      padding: length(25),
      helmetReach: length(150),
      limbReach: length(75),
      entry: length(450),
      seatRoom: length(20),
      doorRoom: length(10),
    },
    answers: Object.fromEntries(answers.map(([key, one]) => [key, { ...one, on: null, photos: [] }])),
  };
}

/**
 * 4 → 5: figures say when the program put them in; what an older plan holds counts as measured or chosen, and it is told once. Of
 * readings that contradict each other the one that is not trusted is named: the roof's width may be it too.
 */
function figuresKnown(old: Document): Document {
  const { trust, ...survey } = record(old.survey);
  const distrusted = trust === 'widths' ? 'protractor' : trust === 'protractor' ? 'lower-width' : null;
  return { ...old, version: 5, proposalsMarked: false, survey: { ...survey, distrusted } };
}

/** 5 → 6: a die has its dial and its table of tube used, a member its order at the bender, a job its own limits. */
function dialsAndOrders(old: Document): Document {
  return {
    ...old,
    version: 6,
    limits: [],
    dies: list(old.dies).map(withDial),
    members: list(old.members).map((one) => ({ ...one, bending: { ...record(one.bending), order: null } })),
  };
}

const withDial = (die: Document): Document => ({ ...die, dialStep: null, dialZero: null, takes: [] });

/** 6 → 7: a test bend says how its tube was made, and whether it was a test piece or a part. */
function testsOfAKind(old: Document): Document {
  return { ...old, version: 7, dies: list(old.dies).map(withTestsOfAKind) };
}

const withTestsOfAKind = (die: Document): Document => ({
  ...die,
  tests: list(die.tests).map((test) => ({ ...test, kind: null, made: 'test' })),
});

/**
 * 7 → 8: what a brush reaches goes by the room that it needs; when the car is painted, how it stood; which way the hoop comes about, and how
 * it was really built; what of a take-off a sample bend says; readings that were taken twice.
 */
function builtForReal(old: Document): Document {
  return {
    ...old,
    version: 8,
    brief: { ...record(old.brief), paintOn: null },
    coping: {
      ...record(old.coping),
      brushRoom: { mm: 30, typed: '30 mm' },
      sawSwing: { deg: 45, typed: '45' },
    },
    survey: { ...record(old.survey), stance: null, again: {}, frontSection: null, sights: [] },
    members: list(old.members).map((one) => (one.role === 'main-hoop' ? withAWay(one) : withSamples(one))),
  };
}

const NOTHING = { mm: 0, typed: '0' };

const withAWay = (hoop: Document): Document => ({
  ...hoop,
  ...{ way: { kind: 'survey' }, existing: false, bentAgain: [], cut: { a: NOTHING, b: NOTHING } },
  asBuilt: null,
});

function withSamples(bar: Document): Document {
  const right = bar.right ? record(bar.right) : null;
  return {
    ...bar,
    bentAgain: [],
    ends: endsOnAxis(record(bar.ends)),
    shape: withSample(record(bar.shape)),
    right: right && { ...endsOnAxis(right), shape: right.shape ? withSample(record(right.shape)) : null },
  };
}

/** Ends that meet the axis of what they stand on, at their own. */
const endsOnAxis = (ends: Document): Document => ({
  ...ends,
  ...{ a: ends.a ? onAxis(record(ends.a)) : ends.a, b: ends.b ? onAxis(record(ends.b)) : ends.b },
});

function onAxis(end: Document): Document {
  if (end.kind === 'station') return { ...end, to: 'axis', aside: null };
  return end.kind === 'height' ? { ...end, aside: null } : end;
}

function withSample(shape: Document): Document {
  if (shape.kind !== 'take-off') return shape;
  const rows = list(shape.rows).map(({ rotation, ...row }) => ({
    ...row,
    turn: { kind: 'degrees', angle: rotation },
    takes: null,
  }));
  return { ...shape, sample: null, rows };
}

/** A shop of an older version as one of today's: dies with their dial, machines that nobody has measured yet, tests of a kind. */
export function shopBroughtUp(shop: object): object {
  let document = record(shop);
  if (document.version === 1) document = shopWithDials(document);
  if (document.version === 2) document = shopWithTestsOfAKind(document);
  return document;
}

const shopWithDials = (old: Document): Document => ({
  ...old,
  version: 2,
  machines: list(old.machines).map((one) => ({ ...one, setting: null, dies: list(one.dies).map(withDial) })),
});

const shopWithTestsOfAKind = (old: Document): Document => ({
  ...old,
  version: 3,
  machines: list(old.machines).map(({ setting, ...one }) => ({
    ...one,
    setting: setting ? { ...record(setting), roller: null } : null,
    dies: list(one.dies).map(withTestsOfAKind),
  })),
});
