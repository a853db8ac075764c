import fc from 'fast-check';
import { copesIn, evaluate, findingsIn } from '../evaluate.ts';
import { BAR_ROLES, EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { passedOver, type Rule, type RuleBook, type RuleCheck } from './index.ts';
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
} from '../testing/index.ts';

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
  plate: {
    kind: 'plate',
    area: 100,
    thickness: mm(3),
    narrowest: mm(50),
    bolts: 3,
    boltSize: mm(8),
    boltGrade: '8.8',
  },
  'opening-height': { kind: 'opening-height', share: 0.5 },
  helmet: { kind: 'helmet', belowLine: mm(0), belowTop: mm(50), within: mm(150), gap: mm(20) },
  'harness-window': { kind: 'harness-window', least: deg(0), most: deg(20) },
  'lap-window': { kind: 'lap-window', least: deg(45), most: deg(80) },
  'strap-spread': { kind: 'strap-spread', most: deg(20) },
  'weld-all-round': { kind: 'weld-all-round', gussetShare: 0.25 },
  gusset: { kind: 'gusset', least: 1, leg: mm(50), thickness: mm(1), asWall: true },
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
  text: 'what it asks',
  roles: [role],
  classes,
  check,
});

const clausesFound = (plan: Plan, book: RuleBook): Set<string> => clausesOf(choosing(plan, book), book);

/** Clauses that some finding is of, of a plan that has chosen its book. */
function clausesOf(chosen: Plan, book: RuleBook): Set<string> {
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

describe('random books on random cages', () => {
  const bars = whole.members.slice(1);
  const cage = fc
    .record({
      plan: fc.constantFrom(...Object.values(PLANS)),
      bars: fc.subarray(bars),
      carWeight: fc.constantFrom(null, 700, 1300),
      buildYear: fc.constantFrom(null, 1985, 2020),
      roof: fc.constantFrom('open' as const, 'closed' as const),
    })
    .map(({ plan, bars: some, carWeight, buildYear, roof }): Plan => {
      const members = [...plan.members.filter(({ role }) => role === 'main-hoop'), ...some];
      const mass = carWeight === null ? null : { kg: carWeight, typed: `${carWeight} kg` };
      return {
        ...plan,
        members,
        fitOrder: [],
        brief: { ...plan.brief, carWeight: mass, buildYear, roof },
      };
    });
  const per = fc.constantFrom('cage', 'side', 'side-with-any', 'hoop', 'bay' as const);
  const role = fc.constantFrom(...(['main-hoop', ...BAR_ROLES] as Rule['roles']));
  const check = fc.oneof(
    fc.constantFrom(...Object.values(CHECKS)),
    fc
      .record({ per, of: role, and: role, least: fc.integer({ min: 1, max: 3 }) })
      .map((given): RuleCheck => ({ kind: 'count', ...given })),
    fc
      .constantFrom('cage', 'side', 'side-with-any' as const)
      .map((where): RuleCheck => ({ kind: 'continuous-tube', least: 1, per: where })),
  );
  const rule = fc.record({
    check,
    roles: fc.uniqueArray(role, { minLength: 1, maxLength: 3 }),
    classes: fc.subarray(['ice', 'hill']),
    roof: fc.constantFrom(null, 'open' as const, 'closed' as const),
    over: fc.constantFrom(null, 1000),
    builtFrom: fc.constantFrom(null, 2000),
  });

  test('each rule of a chosen book that concerns the cage yields a finding, and the others are told to be passed over', () => {
    fc.assert(
      fc.property(
        cage,
        fc.array(rule, { minLength: 1, maxLength: 6 }),
        fc.constantFrom(null, 'ice', 'hill'),
        (plan, rules, chosen) => {
          const book = bookWith(
            rules.map(({ check: asked, roles, classes, roof, over, builtFrom }, i) => ({
              id: `r${i}`,
              clause: `c${i}`,
              text: 'what it asks',
              roles,
              classes,
              check: asked,
              when: {
                roof,
                over: over === null ? null : { kg: over, typed: `${over} kg` },
                upTo: null,
                builtFrom,
                builtTo: null,
              },
            })),
            [
              { id: 'ice', title: 'Ice' },
              { id: 'hill', title: 'Hill' },
            ],
          );
          const held: Plan = {
            ...plan,
            brief: { ...plan.brief, books: [{ book: 'b', class: chosen, edition: null }] },
          };
          const found = clausesOf(held, book);
          const passed = new Set(passedOver(held, [book]).map(({ source }) => source.clause));
          const silent = book.rules.filter(({ clause }) => !found.has(clause) && !passed.has(clause));
          expect(silent.map(({ clause, check: asked }) => [clause, asked.kind])).toEqual([]);
          // What is passed over is about no member of the cage, or for other cars.
          for (const { roles, clause, when, classes } of book.rules) {
            const about = held.members.some((one) => roles.includes(one.role));
            const inClass = classes.length === 0 || chosen === null || classes.includes(chosen);
            const { carWeight, buildYear, roof } = held.brief;
            const holds =
              inClass &&
              (when?.roof == null || when.roof === roof) &&
              (when?.over == null || carWeight === null || carWeight.kg > when.over.kg) &&
              (when?.builtFrom == null || buildYear === null || buildYear >= when.builtFrom);
            if (about && holds) expect(passed.has(clause)).toBe(false);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});
