import { walkInOrder } from '../../bending/index.ts';
import { walkAsked } from '../../cage/index.ts';
import { evaluate } from '../../evaluate.ts';
import { itemAt } from '../../items/index.ts';
import { NOTHING_MEASURED, type BenderSetting, type Shop } from '../../plan/index.ts';
import { mm } from '../../testing/index.ts';
import { hoopPlan, hoopSheet, shop } from '../../testing/twoInchShop.ts';

/** The shop with its bender measured so. */
const measured = (setting: Partial<BenderSetting>): Shop => ({
  ...shop,
  machines: shop.machines.map((one) => ({ ...one, setting: { ...NOTHING_MEASURED, ...setting } })),
});
const metIn = (of: Shop) =>
  evaluate(hoopPlan(), of, []).findings.filter(({ code }) => code === 'machine-meets');

test('a pull in which the tube meets the floor is found, at the degree and with the depth that the walk has', () => {
  // A hoop's leg is longer than the machine is high, and swings down.
  const low = measured({ swing: 'down', height: mm(900) });
  const found = metIn(low);
  const asked = walkAsked(hoopSheet(), low);
  if (typeof asked === 'string') throw new Error(asked);
  const walked = walkInOrder(asked.tube, asked.bender, asked.order).flatMap(({ bend, hindrances }) =>
    hindrances.flatMap((one) => (one.kind === 'meets' ? [{ ...one, bend }] : [])),
  );
  expect(found.length).toBeGreaterThan(0);
  expect(found.map(({ facts, margin }) => ({ facts, margin }))).toEqual(
    walked.map(({ bend, touches, gap }) => ({
      facts: { bend: { count: bend }, at: { deg: touches }, what: { text: 'floor' }, which: { text: '' } },
      margin: { mm: gap },
    })),
  );
  expect(itemAt(found, 0)).toMatchObject({ status: 'out', member: hoopSheet().member, limit: { mm: 0 } });
  expect(new Set(found.map(({ key }) => key)).size).toBe(found.length);
});

test('a wall is named by where it stands, and a higher or an unmeasured machine meets nothing', () => {
  const tight = { ahead: mm(600), behind: null, left: null, right: null };
  expect(metIn(measured({ swing: 'left', walls: tight }))[0]?.facts).toMatchObject({
    what: { text: 'wall' },
    which: { text: 'ahead' },
  });
  expect(metIn(measured({ swing: 'down', height: mm(5000) }))).toEqual([]);
  expect(metIn(shop)).toEqual([]);
});
