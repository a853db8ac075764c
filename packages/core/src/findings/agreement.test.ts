import fc from 'fast-check';
import { cockpitIn, copesIn, evaluate, findingsIn, harnessIn, lapIn } from '../evaluate.ts';
import { EMPTY_SHOP, type Occupant, type Plan } from '../plan/index.ts';
import { applyRemedy, type Finding } from './index.ts';
import { type RuleBook, type RuleCheck } from '../rules/index.ts';
import { assumed } from '../measure/index.ts';
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
  point,
} from '../testing/index.ts';

/** A driver of any size in a seat that slides, rises and reclines, with one to three slots. */
const driver = fc.record({
  x: fc.integer({ min: 120, max: 420 }),
  y: fc.integer({ min: 200, max: 420 }),
  z: fc.integer({ min: 540, max: 700 }),
  helmet: fc.integer({ min: 230, max: 330 }),
  slide: fc.integer({ min: 0, max: 120 }),
  rise: fc.integer({ min: 0, max: 60 }),
  recline: fc.integer({ min: 0, max: 8 }),
  slots: fc.array(fc.integer({ min: -60, max: 80 }), { minLength: 1, maxLength: 3 }),
  height: fc.integer({ min: 480, max: 680 }),
  attach: fc.constantFrom('tab' as const, 'over' as const, 'under' as const),
  guess: fc.boolean(),
});

type Driver = typeof driver extends fc.Arbitrary<infer T> ? T : never;

function planOf(given: Driver): Plan {
  const seated: Occupant = {
    ...personOf('o'),
    name: 'A',
    shoulder: placeAt(given.x, given.y, given.z),
    helmetTop: placeAt(given.x - 20, given.y, given.z + given.helmet),
    slots: given.slots.map(mm),
    body: { ...personOf('o').body, hip: placeAt(given.x + 150, given.y, given.z - 420) },
    lap: { left: placeAt(given.x, given.y + 250, 40), right: placeAt(given.x, given.y - 250, 40) },
    travel: {
      forward: mm(given.slide),
      back: mm(given.slide / 2),
      slideNotches: 4,
      up: mm(given.rise),
      down: mm(0),
      heightNotches: 2,
      upright: deg(0),
      reclined: deg(given.recline),
      reclineNotches: 2,
      backLength: mm(520),
    },
  };
  const start = cageOf(
    bar(
      'h',
      'harness-bar',
      heightOn('m-hoop', 'left', given.height),
      heightOn('m-hoop', 'right', given.height),
    ),
    bar('w', 'windscreen-bar', point(620, 550, 1000), point(620, -550, 1000)),
  );
  return {
    ...start,
    harness: { ...start.harness, attach: given.attach },
    occupants: [given.guess ? { ...seated, shoulder: assumed(seated.shoulder) } : seated],
  };
}

const all = (plan: Plan, book: RuleBook): Finding[] => {
  const evaluation = evaluate(plan, EMPTY_SHOP, [book]);
  return findingsIn(plan, evaluation, copesIn(plan, evaluation, [book]), [book]);
};

const every = (
  check: RuleCheck,
  role: 'harness-bar' | 'main-hoop',
  holds: (plan: Plan, book: RuleBook) => void,
) =>
  fc.assert(
    fc.property(driver, (given) => {
      const book = bookOf(check, role);
      holds(choosing(planOf(given), book), book);
    }),
    { seed: 5, numRuns: 20 },
  );

const figure = (finding: Finding | undefined, which: 'measured' | 'margin'): number | null =>
  finding?.[which] ? (Object.values(finding[which])[0] as number) : null;

const STRAPS: RuleCheck = { kind: 'harness-window', least: deg(0), most: deg(20) };

test('straps are judged once: Inspect’s finding is the worst of what the Harness page shows, over every slot and setting', () => {
  every(STRAPS, 'harness-bar', (plan, book) => {
    const evaluation = evaluate(plan, EMPTY_SHOP, [book]);
    const [answer] = harnessIn(plan, evaluation, [book]);
    const [verdict] = answer?.verdicts ?? [];
    const found = evaluation.findings.find(({ rule }) => rule);
    expect([found?.status, found?.would, figure(found, 'measured')]).toEqual([
      verdict?.status,
      verdict?.would,
      verdict?.angle,
    ]);
    // As many places as slots and settings, and clear exactly where none of them leaves the window.
    const inside = answer?.broken.broken.length === 0;
    expect((found?.would ?? found?.status) !== 'out').toBe(inside);
  });
});

test('a strap remedy puts the bar where the Harness page finds it holds, and the aim keeps the instrument’s error', () => {
  every(STRAPS, 'harness-bar', (plan, book) => {
    const evaluation = evaluate(plan, EMPTY_SHOP, [book]);
    const [answer] = harnessIn(plan, evaluation, [book]);
    const found = evaluation.findings.find(({ rule }) => rule);
    if (found?.remedy) {
      const [after] = harnessIn(
        applyRemedy(plan, found.remedy),
        evaluate(applyRemedy(plan, found.remedy), EMPTY_SHOP, [book]),
        [book],
      );
      // A height is written to the hundredth.
      expect(after?.verdicts[0]?.margin).toBeGreaterThanOrEqual(plan.measuringError.deg - 0.01);
    }
    if (!answer || answer.aim === null || !answer.interval) return;
    const moved: Plan = applyRemedy(plan, {
      kind: 'bar-height',
      member: 'm-h',
      by: answer.aim - answer.bar.z,
    });
    const [there] = harnessIn(moved, evaluate(moved, EMPTY_SHOP, [book]), [book]);
    const roomy = answer.interval.room > 40;
    if (roomy) expect(there?.verdicts[0]?.margin).toBeGreaterThanOrEqual(plan.measuringError.deg - 0.01);
  });
});

test('how far straps spread is one figure, at Inspect and behind the seats', () => {
  every({ kind: 'strap-spread', most: deg(20) }, 'harness-bar', (plan, book) => {
    const evaluation = evaluate(plan, EMPTY_SHOP, [book]);
    const [answer] = harnessIn(plan, evaluation, [book]);
    const found = evaluation.findings.find(({ rule }) => rule);
    expect(figure(found, 'measured')).toBe(answer?.spreads[0]?.spread);
  });
});

test('lap belts are judged once: Inspect’s findings are what the Harness page shows', () => {
  every({ kind: 'lap-window', least: deg(45), most: deg(80) }, 'main-hoop', (plan, book) => {
    const shown = lapIn(plan, [book]).map(({ verdicts }) => [verdicts[0]?.status, verdicts[0]?.angle]);
    const found = evaluate(plan, EMPTY_SHOP, [book]).findings.filter(({ rule }) => rule);
    expect(found.map((one) => [one.status, figure(one, 'measured')])).toEqual(shown);
  });
});

test('helmets are measured once: Inspect has the Driver page’s figures, at the worst setting of the seat', () => {
  const check: RuleCheck = { kind: 'helmet', belowLine: mm(0), belowTop: mm(50), within: mm(150) };
  every(check, 'main-hoop', (plan, book) => {
    const evaluation = evaluate(plan, EMPTY_SHOP, [book]);
    const under = cockpitIn(plan, evaluation).people[0]?.underHoop;
    const found = evaluation.findings.filter(({ rule }) => rule);
    const of = (code: string) =>
      figure(
        found.find((one) => one.code === code),
        'measured',
      );
    expect(of('helmet-line')).toBe(under?.belowLine?.mm);
    expect(of('helmet-top')).toBe(under?.belowTop.mm);
    expect([under?.farthest.mm, under?.nearest.mm, under?.behind.mm]).toContain(
      of('helmet-within') ?? of('helmet-in-hoop') ?? of('helmet-behind'),
    );
  });
});

test('the room that the Driver page’s table shows to be negative, bare or padded, stands among its findings', () => {
  every({ kind: 'ask', question: 'Is it?' }, 'main-hoop', (plan, book) => {
    const evaluation = evaluate(plan, EMPTY_SHOP, [book]);
    const { rooms } = cockpitIn(plan, evaluation);
    const keys = new Set(all(plan, book).map(({ key }) => key));
    for (const room of rooms)
      expect(keys.has(`cockpit/room/${room.occupant}/${room.piece}`)).toBe(
        room.gap < -1e-6 || room.padded < -1e-6,
      );
  });
});

test('the shortest strap is the shortest over every slot and setting, not as measured', () => {
  every(STRAPS, 'harness-bar', (plan, book) => {
    const [answer] = harnessIn(plan, evaluate(plan, EMPTY_SHOP, [book]), [book]);
    if (!answer) throw new Error('there is a bar');
    const lengths = answer.places.map(({ slot }) =>
      Math.hypot(slot[0] - answer.bar.x, slot[1] - answer.bar.z),
    );
    expect(answer.shortest?.length).toBe(Math.min(...lengths));
  });
});
