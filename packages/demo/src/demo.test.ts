import {
  applyRemedy,
  copeFindings,
  copesIn,
  evaluate,
  type FindingCode,
  findingsIn,
  MEASURE_KEYS,
  type Plan,
  readPlan,
  readRuleBook,
  readShop,
  type RuleCheck,
  tubesIn,
} from '@gyrus/core';
import {
  abroadPlan,
  demoBooks,
  demoJobs,
  demoPlan,
  demoShop,
  fourPointPlan,
  internationalBook,
  unfinishedPlan,
} from './index.ts';

test('the demo reads as the documents it is', () => {
  const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
  for (const { plan } of demoJobs) expect(readPlan(plain(plan)).ok).toBe(true);
  expect(readShop(plain(demoShop)).ok).toBe(true);
  for (const book of demoBooks) expect(readRuleBook(plain(book)).ok).toBe(true);
});

test('the demo’s hoop can be marked and bent: no clash', () => {
  const { members } = evaluate(demoPlan, demoShop, demoBooks);
  expect(members[0]?.pieces[0]?.sheet?.clashes).toEqual([]);
  expect(MEASURE_KEYS.filter((key) => demoPlan.survey.measures[key]).length).toBeGreaterThan(10);
});

test('the international figures say that they are from memory, and name the publication as source alone', () => {
  expect(internationalBook.provenance).toBe('from-memory');
  expect(internationalBook.source).toContain('Art. 253-8');
  expect(internationalBook.title + internationalBook.body).not.toMatch(/FIA/);
});

const cageOf = (plan: typeof demoPlan) => evaluate(plan, demoShop, demoBooks);

test('the full cage has thirty tubes and 55 coped ends, stands as a whole, and nothing runs into anything', () => {
  const { totals, members, findings, plates, gussets } = cageOf(demoPlan);
  expect(totals.tubes).toBeGreaterThanOrEqual(30);
  expect(totals.copes).toBeGreaterThanOrEqual(55);
  expect(members.flatMap(({ pieces }) => pieces).every(({ tube, sheet }) => tube && sheet)).toBe(true);
  expect(findings.filter((one) => one.rule === null && one.status === 'out')).toEqual([]);
  expect(plates.map(({ area }) => area / 100)).toEqual(plates.map(() => 150));
  expect(gussets.every(({ shape }) => shape.ok)).toBe(true);
});

test('the four-point bar stands, with a harness bar that steps back behind both seats', () => {
  const { members, findings } = cageOf(fourPointPlan);
  const harness = members.find(({ role }) => role === 'harness-bar')?.pieces[0];
  expect(harness?.sheet?.bends).toHaveLength(4);
  expect(findings.filter((one) => one.rule === null && one.status === 'out')).toEqual([]);
});

test('the unfinished job has a finding of each kind that a cage can have', () => {
  const codes = new Set(cageOf(unfinishedPlan).findings.map(({ code }) => code));
  const wanted: FindingCode[] = [
    'not-placed',
    'keep-out',
    'collision',
    'unbraced-bend',
    'off-node',
    'mid-door',
    'part-not-made',
    'gusset-hole',
    'bolt-ask',
    'trim-short',
    'zone-touch',
    'zone-gap',
    'asymmetry',
    'show-bar',
    'trailing-straight',
  ];
  expect(wanted.filter((code) => !codes.has(code))).toEqual([]);
});

test('the first job is right by its own book, but for what a person answers; by a second one it is not', () => {
  const statuses = (plan: Plan) => new Set(everyFinding(plan).map(({ status }) => status));
  expect(statuses(demoPlan)).toEqual(new Set(['clear', 'look', 'ask']));
  const ruled = everyFinding(demoPlan).filter(({ rule }) => rule !== null);
  expect(new Set(ruled.map(({ status }) => status))).toEqual(new Set(['clear', 'ask']));
  expect(statuses(abroadPlan)).toEqual(new Set(['clear', 'look', 'out', 'ask']));
});

/** What each kind of check finds where it does not hold. */
const CODES: Record<RuleCheck['kind'], FindingCode[]> = {
  'least-clr-ratio': ['clr-ratio'],
  bends: ['bend-count', 'bend-angle'],
  'continuous-tube': ['continuous-tube'],
  'tilt-from-vertical': ['tilt'],
  straight: ['not-straight'],
  angle: ['angle'],
  'end-distance': ['end-distance'],
  plate: ['plate-missing', 'plate-area', 'plate-thickness', 'plate-width', 'plate-bolts', 'bolt-size'],
  'opening-height': ['opening-height'],
  helmet: ['helmet-line', 'helmet-top', 'helmet-within'],
  'harness-window': ['harness-angle'],
  'lap-window': ['lap-angle'],
  'strap-spread': ['strap-spread'],
  'weld-all-round': ['seam-reach'],
  gusset: ['gusset-leg', 'gusset-thickness'],
  splice: ['splice-sleeve', 'splice-rosettes'],
  'feet-on': ['feet-on'],
  count: ['count'],
  padding: [],
  ask: [],
};
/** What only a person can answer. */
const ASKED: FindingCode[] = ['padding', 'asked'];

const everyFinding = (plan: Plan) => {
  const evaluation = cageOf(plan);
  return findingsIn(plan, evaluation, copesIn(plan, evaluation, demoBooks), demoBooks);
};

test('the unfinished job breaks a rule of every kind that can be computed, and asks what can not', () => {
  const against = everyFinding(unfinishedPlan).filter(({ rule }) => rule);
  const broken = new Set(
    against.filter(({ status }) => status === 'out' || status === 'look').map(({ code }) => code),
  );
  const wanted = [...Object.values(CODES).flat(), 'tube-wall' as const];
  expect(wanted.filter((code) => !broken.has(code))).toEqual([]);
  const asked = new Set(against.filter(({ status }) => status === 'ask').map(({ code }) => code));
  expect(ASKED.filter((code) => !asked.has(code))).toEqual([]);
});

test('each remedy of the unfinished job clears its finding', () => {
  const mendable = everyFinding(unfinishedPlan).filter(
    ({ remedy }) => remedy !== null && remedy.kind !== 'radius',
  );
  expect(mendable.length).toBeGreaterThan(30);
  const notMended = mendable.filter(({ key, code, remedy }) => {
    const mended = remedy ? applyRemedy(unfinishedPlan, remedy) : unfinishedPlan;
    // Only what lies on seams has to wait for the copes.
    const { findings } = cageOf(mended);
    const after = (code === 'seam-reach' ? everyFinding(mended) : findings).find((one) => one.key === key);
    return after !== undefined && (after.would ?? after.status) !== 'clear';
  });
  expect(notMended.map(({ key }) => key)).toEqual([]);
});

test.each(demoJobs.map(({ name, plan }) => [name, plan] as const))(
  '%s: every end has a cope or a finding that says why not',
  (_, plan) => {
    const evaluation = evaluate(plan, demoShop, demoBooks);
    const copes = copesIn(plan, evaluation, demoBooks);
    const said = new Set(copeFindings(plan, copes).map(({ key }) => key));
    const tubes = tubesIn(evaluation);
    const existing = plan.members.filter((one) => one.role !== 'main-hoop' && one.existing);
    const made = tubes.filter(({ member }) => existing.every(({ id }) => id !== member));
    expect(copes.ends).toHaveLength(2 * made.length);
    for (const cut of copes.ends)
      expect(cut.outer.length > 0 || said.has(`cope/${cut.piece}/${cut.end}`)).toBe(true);
  },
);

test.each([
  ['the full cage', demoPlan],
  ['the four-point bar', fourPointPlan],
  ['the unfinished job', unfinishedPlan],
])('every rule that holds for %s answers, whichever class was taken', (_name, plan) => {
  for (const book of demoBooks)
    for (const taken of [null, ...book.classes.map(({ id }) => id)]) {
      const under = {
        ...plan,
        brief: { ...plan.brief, books: [{ book: book.id, class: taken, edition: null }] },
      };
      const evaluation = evaluate(under, demoShop, [book]);
      const keys = findingsIn(under, evaluation, copesIn(under, evaluation, [book]), [book]).map(
        ({ key }) => key,
      );
      const silent = book.rules.filter(
        (rule) =>
          !rule.when &&
          (rule.classes.length === 0 || (taken !== null && rule.classes.includes(taken))) &&
          plan.members.some(({ role }) => rule.roles.includes(role)) &&
          !keys.some((key) => key.startsWith(`${book.id}/${rule.id}/`)),
      );
      expect([book.id, taken, silent.map(({ id }) => id)]).toEqual([book.id, taken, []]);
      // A rule of a class waits for the class to be taken, and that is asked.
      if (taken === null && book.rules.some(({ classes }) => classes.length > 0))
        expect(keys).toContain(`${book.id}/class`);
    }
});
