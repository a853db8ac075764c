import { copesIn, evaluate, findingsIn } from './evaluate.ts';
import { BAR_ROLES, EMPTY_SHOP, type Plan } from './plan/index.ts';
import { type Rule, type RuleBook, type RuleCheck } from './rules/index.ts';
import {
  bar,
  bookOf,
  cageOf,
  choosing,
  deg,
  heightOn,
  mm,
  personOf,
  placeAt,
  plateOf,
  point,
  stationOn,
} from './testing.ts';

/** Every kind of check once, with all its limits: the compiler holds the list to the kinds that there are. */
const CHECKS: { [Kind in RuleCheck['kind']]: Extract<RuleCheck, { kind: Kind }> } = {
  'least-clr-ratio': { kind: 'least-clr-ratio', ratio: 3 },
  bends: { kind: 'bends', most: 4, largestAngle: deg(95) },
  'continuous-tube': { kind: 'continuous-tube', least: 1 },
  'tilt-from-vertical': { kind: 'tilt-from-vertical', most: deg(10) },
  straight: { kind: 'straight', view: 'any' },
  angle: { kind: 'angle', from: 'vertical', least: deg(5), most: deg(80) },
  'end-distance': {
    kind: 'end-distance',
    end: 'each',
    from: 'foot',
    of: 'main-hoop',
    edge: 'middle',
    most: mm(100),
  },
  plate: { kind: 'plate', area: 100, thickness: mm(3), narrowest: mm(50), bolts: 3, boltSize: mm(8) },
  'opening-height': { kind: 'opening-height', share: 0.5 },
  helmet: { kind: 'helmet', belowLine: mm(0), belowTop: mm(50), within: mm(150) },
  'harness-window': { kind: 'harness-window', least: deg(0), most: deg(20) },
  'lap-window': { kind: 'lap-window', least: deg(45), most: deg(80) },
  'strap-spread': { kind: 'strap-spread', most: deg(20) },
  'weld-all-round': { kind: 'weld-all-round', gussetShare: 0.25 },
  gusset: { kind: 'gusset', leg: mm(50), thickness: mm(1) },
  splice: { kind: 'splice', sleeve: mm(75), rosettes: 4 },
  'feet-on': { kind: 'feet-on', allowed: ['frame'] },
  count: { kind: 'count', least: 1, per: 'side-with-any' },
  padding: { kind: 'padding', within: mm(250) },
  ask: { kind: 'ask', question: 'Is it?' },
};

const whole = cageOf(
  bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), point(-700, 500, 200)),
  bar('h', 'harness-bar', heightOn('m-hoop', 'left', 600), heightOn('m-hoop', 'right', 600)),
  bar('d', 'door-bar', point(100, 600, 300), point(900, 600, 300)),
);
const nobody = personOf('o');
const somebody = { ...nobody, shoulder: placeAt(250, 300, 620), helmetTop: placeAt(200, 300, 900) };
const noMeasures = { ...whole.survey, measures: {} };

/** What a check may find missing, one at a time and all together. */
const PLANS: Record<string, Plan> = {
  'everything there': { ...whole, occupants: [somebody], plates: [plateOf({})] },
  'nobody seated': { ...whole, occupants: [] },
  'somebody unmeasured': { ...whole, occupants: [nobody] },
  'one measured, one not': { ...whole, occupants: [somebody, { ...nobody, id: 'p' }] },
  'one lap anchor': {
    ...whole,
    occupants: [{ ...somebody, lap: { left: placeAt(100, 550, 50), right: null } }],
  },
  'a lap anchor without a hip': {
    ...whole,
    occupants: [{ ...nobody, lap: { left: placeAt(100, 550, 50), right: placeAt(100, 50, 50) } }],
  },
  'no plates, welded': { ...whole, plates: [] },
  'plates without bolts, welded': { ...whole, plates: [plateOf({ bolts: null })] },
  'plates without bolts, bolted': {
    ...whole,
    plates: [plateOf({ bolts: null })],
    brief: { ...whole.brief, joining: 'bolted' },
  },
  'nothing surveyed': { ...whole, survey: noMeasures },
  'no hoop': { ...whole, members: whole.members.slice(1), fitOrder: [] },
  'all of it': { ...whole, survey: noMeasures, occupants: [], plates: [], gussets: [], parts: [] },
};

const bookWith = (rules: Rule[], classes: RuleBook['classes'] = []): RuleBook =>
  bookOf(CHECKS.ask, 'main-hoop', { classes, rules });

const rolesOf = (plan: Plan) => plan.members.map(({ role }) => role);
const ruleOf = (check: RuleCheck, role: Rule['roles'][number], classes: string[] = []): Rule => ({
  id: `${check.kind}-${role}`,
  clause: `${check.kind} ${role}`,
  text: '',
  roles: [role],
  classes,
  check,
});

function clausesFound(plan: Plan, book: RuleBook): Set<string> {
  const chosen = choosing(plan, book);
  const evaluation = evaluate(chosen, EMPTY_SHOP, [book]);
  return new Set(
    findingsIn(chosen, evaluation, copesIn(chosen, evaluation, [book]), [book]).flatMap(({ rule }) =>
      rule ? rule.clause.split(', ') : [],
    ),
  );
}

test.each(Object.entries(PLANS))('no check of any member is silent: %s', (_, plan) => {
  const rules = Object.values(CHECKS).flatMap((check) => rolesOf(plan).map((role) => ruleOf(check, role)));
  const found = clausesFound(plan, bookWith(rules));
  expect(rules.map(({ clause }) => clause).filter((clause) => !found.has(clause))).toEqual([]);
});

test('rules of a class ask for the class while none is chosen, every one of them', () => {
  const plan = PLANS['everything there'] as Plan;
  const rules = Object.values(CHECKS).flatMap((check) =>
    rolesOf(plan).map((role) => ruleOf(check, role, ['ice'])),
  );
  const found = clausesFound(plan, bookWith(rules, [{ id: 'ice', title: 'Ice' }]));
  expect(rules.map(({ clause }) => clause).filter((clause) => !found.has(clause))).toEqual([]);
});

test('rules about members that the cage has not are not about this cage', () => {
  const plan = PLANS['everything there'] as Plan;
  const absent = BAR_ROLES.filter((role) => !rolesOf(plan).includes(role));
  expect(clausesFound(plan, bookWith(absent.map((role) => ruleOf(CHECKS.bends, role))))).toEqual(new Set());
});

test('a plate’s bolts on a welded cage are asked, on a bolted one they are counted', () => {
  const statuses = (plan: Plan) => {
    const book = bookWith([ruleOf(CHECKS.plate, 'main-hoop')]);
    return evaluate(choosing(plan, book), EMPTY_SHOP, [book])
      .findings.filter(({ code }) => code === 'plate-welded' || code === 'plate-bolts')
      .map(({ code, status }) => [code, status]);
  };
  expect(statuses(PLANS['plates without bolts, welded'] as Plan)).toEqual([['plate-welded', 'ask']]);
  expect(statuses(PLANS['plates without bolts, bolted'] as Plan)).toEqual([['plate-bolts', 'out']]);
});
