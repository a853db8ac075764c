import {
  type Attachment,
  type Bar,
  changesBetween,
  EMPTY_SHOP,
  evaluate,
  fieldKey,
  mergePlans,
  mergeTried,
  type Plan,
  valueAtPath,
} from '@gyrus/core';
import fc from 'fast-check';
import { demoPlan } from './index.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const edited = (recipe: (plan: Plan) => void, of: Plan = demoPlan): Plan => {
  const plan = structuredClone(of);
  recipe(plan);
  return plan;
};
const barOf = (plan: Plan, role: string): Bar => {
  const found = plan.members.find((one) => one.role === role);
  if (!found || found.role === 'main-hoop') throw new Error(`the demo has a ${role}`);
  return found;
};
const without = (id: string) => (plan: Plan) =>
  void (plan.members = plan.members.filter((one) => one.id !== id));
const clashKeys = (merge: { clashes: { path: readonly string[] }[] }) =>
  merge.clashes.map(({ path }) => fieldKey(path));

test('edits to different fields are both in it, also of one record and one place', () => {
  const mine = edited((plan) => {
    plan.brief.car = 'Mine';
    plan.survey.measures.headlinerCentre = mm(1080);
    (plan.survey.points[0]?.at ?? [])[0] = mm(130);
  });
  const theirs = edited((plan) => {
    plan.brief.customer = 'Theirs';
    plan.survey.measures.halfWidthFloorLeft = mm(740);
    (plan.survey.points[0]?.at ?? [])[2] = mm(1060);
  });
  const { plan, clashes } = mergePlans(demoPlan, mine, theirs);
  expect(clashes).toEqual([]);
  expect(plan.brief).toMatchObject({ car: 'Mine', customer: 'Theirs' });
  expect(plan.survey.measures).toMatchObject({ headlinerCentre: mm(1080), halfWidthFloorLeft: mm(740) });
  expect(plan.survey.points[0]?.at.map(({ mm: at }) => at)).toEqual([130, 575, 1060]);
});

test('the same field is asked, a quantity as one, and goes to the side chosen', () => {
  const mine = edited((plan) => void (plan.survey.measures.headlinerCentre = mm(1080)));
  const theirs = edited((plan) => void (plan.survey.measures.headlinerCentre = mm(1070)));
  const asked = mergePlans(demoPlan, mine, theirs);
  expect(asked.clashes).toMatchObject([
    { path: ['survey', 'measures', 'headlinerCentre'], mine: mm(1080), theirs: mm(1070) },
  ]);
  expect(asked.plan.survey.measures.headlinerCentre).toEqual(mm(1080));
  const theirWay = mergePlans(demoPlan, mine, theirs, { 'survey/measures/headlinerCentre': 'theirs' });
  expect(theirWay.plan.survey.measures.headlinerCentre).toEqual(mm(1070));
});

test('the same change on both sides is no clash', () => {
  const both = edited((plan) => void (plan.brief.car = 'Both'));
  expect(mergePlans(demoPlan, both, structuredClone(both))).toMatchObject({ plan: both, clashes: [] });
});

test('members that each of two people added both stand, and in the fit order', () => {
  const add = (id: string) => (plan: Plan) => {
    const bar = structuredClone(barOf(plan, 'diagonal'));
    bar.id = id;
    bar.pieces = bar.pieces.map((piece, i) => ({ ...piece, id: `${id}-${i}` }));
    plan.members.push(bar);
    plan.fitOrder.push(...bar.pieces.map((piece) => piece.id));
  };
  const { plan, clashes } = mergePlans(demoPlan, edited(add('one')), edited(add('two')));
  expect(clashes).toEqual([]);
  expect(plan.members.map(({ id }) => id)).toEqual(expect.arrayContaining(['one', 'two']));
  expect(plan.fitOrder).toEqual(expect.arrayContaining(['one-0', 'two-0']));
  expect(plan.fitOrder).toHaveLength(new Set(plan.fitOrder).size);
});

test('a bar that one took out and the other changed is one field', () => {
  const { id } = barOf(demoPlan, 'dash-bar');
  const mine = edited(without(id));
  const theirs = edited((plan) => void (barOf(plan, 'dash-bar').tube.batch = 'another'));
  const asked = mergePlans(demoPlan, mine, theirs);
  expect(clashKeys(asked)).toEqual([`members/${id}`]);
  expect(valueAtPath(asked.plan, ['members', id])).toBeUndefined();
  const kept = mergePlans(demoPlan, mine, theirs, { [`members/${id}`]: 'theirs' });
  expect(valueAtPath(kept.plan, ['members', id])).toMatchObject({ tube: { batch: 'another' } });
});

test('a bar that one took out while the other hung something on it is one field with what hangs there', () => {
  const gone = barOf(demoPlan, 'dash-bar');
  const other = barOf(demoPlan, 'rear-cross');
  const mine = edited(without(gone.id));
  const theirs = edited((plan) => {
    const stands = barOf(plan, 'rear-cross').ends.a;
    barOf(plan, 'rear-cross').ends.a = {
      kind: 'height',
      aside: null,
      on: { member: gone.id },
      height: 'height' in stands ? stands.height : mm(400),
    };
  });
  const named = (plan: Plan) => JSON.stringify(barOf(plan, 'rear-cross')).includes(gone.id);
  const asked = mergePlans(demoPlan, mine, theirs);
  expect(asked.clashes).toMatchObject([
    { path: ['members', gone.id], mine: undefined, with: [['members', other.id]] },
  ]);
  expect(named(asked.plan)).toBe(false);
  const kept = mergePlans(demoPlan, mine, theirs, { [`members/${gone.id}`]: 'theirs' });
  expect(named(kept.plan)).toBe(true);
  expect(valueAtPath(kept.plan, ['members', gone.id])).toBeDefined();
});

test('a bar changed into a pair by one and split by the other is asked as a whole: its pieces would not add up', () => {
  const single = barOf(demoPlan, 'diagonal');
  const renamed = edited((plan) => {
    const bar = barOf(plan, 'diagonal');
    bar.pieces = [...bar.pieces, { id: 'twin', stamp: 'T' }];
    bar.pair = bar.pair === 'single' ? 'mirrored' : 'single';
    if (bar.pair === 'single') bar.pieces = bar.pieces.slice(0, 1);
  });
  const split = edited((plan) => {
    const bar = barOf(plan, 'diagonal');
    bar.pieces = bar.pieces.map((piece) => ({ ...piece, stamp: `${piece.stamp}x` }));
    bar.pair = bar.pair === 'single' ? 'across' : bar.pair;
  });
  const { plan, clashes } = mergePlans(demoPlan, renamed, split);
  expect(clashes.length).toBeGreaterThan(0);
  expect(clashes.every(({ path }) => path[1] === single.id)).toBe(true);
  expect(valueAtPath(plan, ['members', single.id])).toBeDefined();
});

test('an order that both changed is asked; one that only they changed is theirs, with what I added', () => {
  const swap = (at: number) => (plan: Plan) =>
    void plan.fitOrder.splice(at, 0, ...plan.fitOrder.splice(at + 1, 1));
  const theirs = edited(swap(2));
  const mine = edited((plan) => void plan.fitOrder.push('new-piece'));
  expect(mergePlans(demoPlan, mine, theirs).plan.fitOrder).toEqual([...theirs.fitOrder, 'new-piece']);
  expect(clashKeys(mergePlans(demoPlan, edited(swap(0)), theirs))).toEqual(['fitOrder/order']);
});

/** One edit of a field of its own, by number. */
const EDITS: ((plan: Plan) => void)[] = [
  (plan) => void (plan.brief.car += '!'),
  (plan) => void (plan.brief.drivers[0] = 'A. Nother'),
  (plan) => void (plan.units.fraction = 32),
  (plan) => void (plan.survey.measures.headlinerCentre = mm(1081)),
  (plan) => void (plan.survey.points[1] as Plan['survey']['points'][number]).at.splice(1, 1, mm(-570)),
  (plan) => void (plan.survey.keepOuts = plan.survey.keepOuts.slice(1)),
  (plan) => void (barOf(plan, 'backstay').tube.batch = 'b'),
  (plan) => void (barOf(plan, 'backstay').stamp = 'BB'),
  (plan) => void (plan.harness.aim = null),
  (plan) => void (plan.coping.bodyRoom = mm(51)),
  (plan) => void (plan.weldPosition.drop = mm(30)),
  (plan) => void delete plan.survey.measures.floorSlopeLeft,
  (plan) => void (plan.answers['a/b/c'] = { answer: 'yes', by: 'x', note: '', on: null, photos: [] }),
];
/** Times as many by npm run test:thorough. */
const MORE = process.env.GYRUS_THOROUGH ? 5 : 1;
const someEdits = fc.uniqueArray(fc.nat(EDITS.length - 1), { maxLength: 6 });
const withEdits = (numbers: number[]) => edited((plan) => numbers.forEach((i) => EDITS[i]?.(plan)));

test('whatever fields two people change, each once, the merge has both and asks nothing; whose side it is makes no difference', () => {
  fc.assert(
    fc.property(someEdits, someEdits, (here, there) => {
      const mine = withEdits(here);
      const theirs = withEdits(there);
      const { plan, clashes } = mergePlans(demoPlan, mine, theirs);
      expect(clashes).toEqual([]);
      const both = [...new Set([...here, ...there])];
      expect(changesBetween(plan, withEdits(both))).toEqual([]);
      expect(changesBetween(plan, mergePlans(demoPlan, theirs, mine).plan)).toEqual([]);
    }),
    { seed: 12, numRuns: 60 * MORE },
  );
});

test('who changed nothing takes the other side as it is', () => {
  fc.assert(
    fc.property(someEdits, (edits) => {
      const changed = withEdits(edits);
      expect(mergePlans(demoPlan, demoPlan, changed).plan).toEqual(changed);
      expect(mergePlans(demoPlan, changed, demoPlan).plan).toEqual(changed);
    }),
    { seed: 12, numRuns: 20 * MORE },
  );
});

describe('tried before it is taken', () => {
  const standOn = (role: string, on: string) => (plan: Plan) => {
    const end: Attachment = {
      kind: 'height',
      aside: null,
      on: { member: barOf(plan, on).id, ...(on === 'backstay' ? { side: 'left' as const } : {}) },
      height: mm(500),
    };
    barOf(plan, role).ends.a = end;
  };
  const placed = (plan: Plan) =>
    new Set(
      evaluate({ ...plan, brief: { ...plan.brief, books: [] } }, EMPTY_SHOP, []).members.flatMap(
        ({ pieces }) => pieces.flatMap(({ stamp, tube }) => (tube ? [stamp] : [])),
      ),
    );

  test('two bars that each of two people stood on the other would stand nowhere: the whole plan is asked', () => {
    const mine = edited(standOn('diagonal', 'backstay'));
    const theirs = edited(standOn('backstay', 'diagonal'));
    const [diagonal, stay] = ['diagonal', 'backstay'].map(
      (role) => barOf(demoPlan, role).pieces[0]?.stamp ?? '',
    );
    for (const side of [mine, theirs])
      expect([...placed(side)]).toEqual(expect.arrayContaining([diagonal, stay]));
    const asked = mergeTried(demoPlan, mine, theirs);
    expect(asked.fallen).toEqual(expect.arrayContaining([diagonal, stay]));
    expect(asked.clashes).toMatchObject([{ path: [] }]);
    expect(asked.plan).toBe(mine);
    expect(mergeTried(demoPlan, mine, theirs, { '': 'theirs' }).plan).toBe(theirs);
  });

  test('what is put together without a question stands no worse than with either side', () => {
    const risky: ((plan: Plan) => void)[] = [
      ...EDITS,
      standOn('diagonal', 'backstay'),
      standOn('backstay', 'diagonal'),
      standOn('harness-bar', 'backstay'),
      (plan) => without(barOf(plan, 'dash-bar').id)(plan),
      (plan) => without(barOf(plan, 'rear-cross').id)(plan),
      (plan) => void (barOf(plan, 'backstay').shape = { kind: 'through', via: [] }),
    ];
    const some = fc.uniqueArray(fc.nat(risky.length - 1), { minLength: 1, maxLength: 3 });
    const withRisks = (numbers: number[]) =>
      edited((plan) => numbers.forEach((i) => tried(() => risky[i]?.(plan))));
    fc.assert(
      fc.property(some, some, (here, there) => {
        const [mine, theirs] = [withRisks(here), withRisks(there)];
        const { plan, clashes } = mergeTried(demoPlan, mine, theirs);
        if (clashes.length > 0) return;
        const [both, one, other] = [placed(plan), placed(mine), placed(theirs)];
        for (const stamp of one) {
          const standsThere = !stampsIn(theirs).has(stamp) || other.has(stamp);
          if (standsThere && stampsIn(plan).has(stamp)) expect([...both]).toContain(stamp);
        }
      }),
      { seed: 12, numRuns: 12 * MORE },
    );
  });

  const stampsIn = (plan: Plan) =>
    new Set(plan.members.flatMap(({ pieces }) => pieces.map(({ stamp }) => stamp)));
  /** A bar that another edit took out is not there to be changed. */
  const tried = (edit: () => void) => {
    try {
      edit();
    } catch {
      // It is left out.
    }
  };
});
