import {
  bentOffcutsFor,
  copesIn,
  type CutNeed,
  cutPlanOf,
  evaluate,
  INCHES,
  type Evaluation,
  isExisting,
  needsOf,
  type Plan,
  type RackTube,
  readOff,
  roundLength,
} from '@gyrus/core';
import { loadSolver } from '@gyrus/core/solver';
import { demoBooks, demoJobs, demoPlan, demoShop } from './index.ts';

const solver = await loadSolver(() => performance.now() / 1000);
const mm = (value: number) => ({ mm: value, typed: `${value} mm` });

const cageOf = (plan: Plan) => {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  return { evaluation, copes: copesIn(plan, evaluation, demoBooks) };
};
const needsIn = (plan: Plan, guided = false) => {
  const { evaluation, copes } = cageOf(plan);
  return needsOf(plan, evaluation.members, copes, { guided });
};
const cutsOf = (plan: Plan): CutNeed[] =>
  needsIn(plan).needs.map((need) => ({ ...need, job: 'j', spare: false }));
const sheetsOf = ({ members }: Evaluation) =>
  members.flatMap(({ pieces }) =>
    pieces.flatMap(({ sheet }) => (sheet && sheet.bends.length > 0 ? [sheet] : [])),
  );

test('a bent tube needs its blank and no more; a straight one its ears, its trims and what the pilot wants', () => {
  const { evaluation, copes } = cageOf(demoPlan);
  const { needs } = needsIn(demoPlan);
  const made = new Set(demoPlan.members.filter((member) => !isExisting(member)).map(({ id }) => id));
  const tubes = evaluation.members.filter(({ member }) => made.has(member)).flatMap(({ pieces }) => pieces);
  expect(needs).toHaveLength(tubes.filter(({ sheet }) => sheet).length);
  for (const need of needs) {
    const sheet = tubes.find(({ piece }) => piece === need.piece)?.sheet;
    if (need.bends > 0) {
      expect(need.length).toBe(sheet?.blank);
      continue;
    }
    const cut = copes.lengths.find(({ piece }) => piece === need.piece);
    const saws = copes.ends
      .filter(({ piece }) => piece === need.piece)
      .map(({ passes }) => Math.max(0, ...passes.map(({ holeSaw }) => holeSaw)) / 2);
    expect(need.length).toBeCloseTo(
      (cut?.ears ?? 0) + (cut?.trim[0] ?? 0) + (cut?.trim[1] ?? 0) + (saws[0] ?? 0) + (saws[1] ?? 0),
      9,
    );
    // A guide needs nothing past the end.
    const guided = needsIn(demoPlan, true).needs.find(({ piece }) => piece === need.piece);
    expect(guided?.length).toBeLessThanOrEqual(need.length);
  }
});

test('the demo jobs have a cut plan that is proven, or say why a tube cannot be cut yet', () => {
  for (const { plan } of demoJobs) {
    const { notYet } = needsIn(plan);
    const needs = cutsOf(plan);
    const laid = cutPlanOf({ kerf: 2.5, needs, rack: [], buys: demoShop.tubes }, solver);
    const cut = laid.groups.flatMap(({ sticks }) => sticks.flatMap(({ pieces }) => pieces));
    const without = laid.faults.flatMap(({ stamps }) => stamps);
    expect(cut.length + without.length).toBe(needs.length);
    expect(laid.groups.every(({ proven }) => proven)).toBe(true);
    for (const { why } of notYet) expect(['no-marks', 'not-placed']).toContain(why);
    for (const { totals, sticks } of laid.groups) {
      const whole = sticks.reduce((sum, { length }) => sum + length, 0);
      expect(totals.used + totals.offcuts + totals.kerfs).toBeCloseTo(whole, 6);
      expect(totals.bought.reduce((sum, { count }) => sum + count, 0)).toBe(sticks.length);
      expect(totals.price).toBeNull();
    }
  }
});

const own = (id: string, length: number, whole: boolean): RackTube => {
  const [hoop] = demoPlan.members;
  if (!hoop) throw new Error('the demo has a hoop');
  const { od, wall, kind, batch } = hoop.tube;
  const size = { od, wall, kind, batch, length: mm(length) };
  return { id, ...size, place: '', whole, price: null, bends: null };
};

test('a tube that is longer than every stick is told by its stamp, and the others are laid out', () => {
  const needs = cutsOf(demoPlan);
  const short = demoShop.tubes.map((stock) => ({ ...stock, stickLength: mm(2500) }));
  const laid = cutPlanOf({ kerf: 2.5, needs, rack: [], buys: short }, solver);
  const long = needs.filter(({ length }) => length > 2500).map(({ stamp }) => stamp);
  expect(long).toContain('MH');
  expect(laid.faults.flatMap(({ stamps }) => stamps)).toEqual(long);
  expect(laid.faults[0]?.fault).toMatchObject({
    code: 'too-big',
    message: expect.stringContaining('2500 mm') as string,
  });
  const cut = laid.groups.flatMap(({ sticks }) => sticks.flatMap(({ pieces }) => pieces));
  expect(cut).toHaveLength(needs.length - long.length);
});

test('a piece is laid out no shorter than it is read off the plan, and as it is where that is more', () => {
  const { needs } = needsIn(demoPlan);
  const read = readOff(needs, INCHES);
  for (const [i, { length }] of needs.entries()) {
    const laid = read[i]?.length ?? 0;
    expect(laid).toBeGreaterThanOrEqual(Math.max(length, roundLength(length, INCHES).mm));
    expect(laid - length).toBeLessThanOrEqual(25.4 / 32 + 1e-9);
  }
});

test('what the rack has is used before anything is bought, offcuts before sticks, and other tube never', () => {
  const [, second] = cutsOf(demoPlan).filter(({ bends }) => bends === 0);
  if (!second) throw new Error('the demo has straight bars');
  const ask = (rack: RackTube[]) =>
    cutPlanOf({ kerf: 2.5, needs: [second], rack, buys: demoShop.tubes }, solver).groups[0]?.sticks[0]?.from;
  expect(ask([])).toHaveProperty('buy');
  expect(ask([own('stick', 6000, true)])).toEqual({ rack: 'stick' });
  expect(ask([own('stick', 6000, true), own('offcut', second.length + 1, false)])).toEqual({
    rack: 'offcut',
  });
  expect(ask([own('short', second.length - 1, false)])).toHaveProperty('buy');
  expect(ask([{ ...own('thin', 6000, true), wall: mm(1) }])).toHaveProperty('buy');
  expect(ask([{ ...own('bent', 6000, true), bends: { bends: [], tail: 6000 } }])).toHaveProperty('buy');
});

test('a size that nobody sells and the rack has not is told with the tubes that want it', () => {
  const needs = cutsOf(demoPlan);
  const laid = cutPlanOf({ kerf: 2.5, needs, rack: [], buys: [] }, solver);
  expect(laid.groups).toEqual([]);
  expect(laid.faults.flatMap(({ stamps }) => stamps)).toHaveLength(needs.length);
  expect(laid.faults.every(({ fault }) => fault.code === 'no-tube')).toBe(true);
});

test('a spoiled tube is found again for its own kind, and for no other hand', () => {
  const { evaluation } = cageOf(demoPlan);
  const [left, right] = sheetsOf(evaluation).filter(({ stamp }) => stamp === 'SL' || stamp === 'SR');
  const member = demoPlan.members.find(({ id }) => id === left?.member);
  if (!left || !right || !member) throw new Error('the demo has a pair of side tubes');
  const { bends, tail } = left.marked.lra;
  const spoiled: RackTube = {
    ...own('spoiled', left.blank, false),
    ...member.tube,
    // Its trims were cut off already, and its last leg is longer than it has to be.
    bends: { bends, tail: tail + 40 },
  };
  const search = (sheet: typeof left) =>
    bentOffcutsFor(sheet, member.tube, [spoiled, own('straight', 6000, true)], { mm: 3, deg: 0.5 });
  expect(search(left)).toMatchObject([{ rack: 'spoiled', fit: { missing: [], turned: false } }]);
  expect(search(left)[0]?.fit.cut[1]).toBeCloseTo(40, 6);
  expect(search(right).filter(({ fit }) => fit.missing.length === 0)).toEqual([]);
  // Spoiled at its second bend, its first is there and the rest can still be bent.
  const once: RackTube = {
    ...spoiled,
    bends: { bends: bends.slice(0, 1), tail: left.developed },
  };
  const [found] = bentOffcutsFor(left, member.tube, [once], { mm: 3, deg: 0.5 });
  expect(found?.fit.missing).toHaveLength(bends.length - 1);
  expect(bentOffcutsFor(left, { ...member.tube, wall: mm(1.2) }, [spoiled], { mm: 3, deg: 0.5 })).toEqual([]);
});
