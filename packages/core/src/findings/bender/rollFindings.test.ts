import { evaluate } from '../../evaluate.ts';
import { hoopAnswerOf } from '../../evaluation.ts';
import { NOTHING_MEASURED, type Plan, type Shop } from '../../plan/index.ts';
import { HANDBOOK_CAR, mm, planWith } from '../../testing/index.ts';
import { bending, die, shop } from '../../testing/twoInchShop.ts';

const plan = ((): Plan => {
  const start = planWith(HANDBOOK_CAR);
  const [hoop] = start.members;
  if (hoop?.role !== 'main-hoop') throw new Error('no hoop');
  const rolled = { ...hoop, shape: 'rolled-crown' as const, crownRise: mm(40), bending: bending() };
  return { ...start, dies: [die], members: [rolled] };
})();

const withRoller = (gauge: number, lead: number, leastRadius: number): Shop => ({
  ...shop,
  machines: [
    ...shop.machines,
    {
      id: 'r',
      name: 'rolls',
      note: '',
      setting: {
        ...NOTHING_MEASURED,
        kind: 'roller',
        roller: { gauge: mm(gauge), lead: mm(lead), leastRadius: mm(leastRadius) },
      },
      dies: [],
    },
  ],
});
const rollsOf = (of: Shop) => evaluate(plan, of, []).findings.filter(({ code }) => code.startsWith('roll'));

test('an arc is held against what the roller reaches and leaves; without a measured roller it asks', () => {
  const sheet = hoopAnswerOf(evaluate(plan, shop, []))?.sheet;
  const arc = sheet?.bends.find(({ school }) => school === 'rolled');
  if (!sheet || !arc) throw new Error('the crown is rolled');
  expect(rollsOf(shop).map(({ code, status }) => [code, status])).toEqual([['roller-unknown', 'ask']]);
  expect(rollsOf(withRoller(300, 0, 500))).toEqual([]);
  const [radius] = rollsOf(withRoller(300, 0, arc.finishedClr + 1));
  expect(radius).toMatchObject({ code: 'roll-radius', status: 'out', feature: arc.feature });
  expect(radius?.margin).toEqual({ mm: expect.closeTo(-1, 6) as number });
  const [lead] = rollsOf(withRoller(300, 5000, 500));
  expect(lead).toMatchObject({ code: 'roll-lead', limit: { mm: 5000 } });
  expect(evaluate(plan, withRoller(300, 0, 500), []).roller).toMatchObject({ name: 'rolls', gauge: 300 });
});
