import { itemAt } from '../../items/index.ts';
import { inch } from '../../testing/index.ts';
import { die, hoopSheet, shop } from '../../testing/twoInchShop.ts';
import { type BenderSetting } from '../../plan/index.ts';
import { machineOf, walkAsked } from '../index.ts';

const setting: BenderSetting = {
  kind: 'draw-air',
  swing: 'up',
  height: inch('36'),
  walls: { ahead: inch('100'), behind: null, left: null, right: null },
  frame: [
    {
      id: 'f',
      name: 'a vice',
      from: [inch('1'), inch('2'), inch('3')] as [
        ReturnType<typeof inch>,
        ReturnType<typeof inch>,
        ReturnType<typeof inch>,
      ],
      to: [inch('4'), inch('5'), inch('6')] as [
        ReturnType<typeof inch>,
        ReturnType<typeof inch>,
        ReturnType<typeof inch>,
      ],
    },
  ],
  operator: { forward: inch('-10'), left: inch('20') },
  dialStep: null,
  dialZero: null,
  roller: null,
};

test('a sheet is walked in its own order, on the machine of its die, in millimetres', () => {
  const sheet = hoopSheet();
  const placed = { machines: shop.machines.map((one) => ({ ...one, setting })) };
  const asked = walkAsked(sheet, placed);
  if (typeof asked === 'string') throw new Error(asked);
  expect(asked.bender).toEqual({
    kind: 'draw-air',
    swing: 'up',
    height: 36 * 25.4,
    walls: { ahead: 2540, behind: null, left: null, right: null },
    frame: [
      {
        name: 'a vice',
        from: [1, 2, 3].map((one) => expect.closeTo(one * 25.4, 9) as number),
        to: [4, 5, 6].map((one) => expect.closeTo(one * 25.4, 9) as number),
      },
    ],
    operator: [-254, 508],
  });
  expect(asked.order.map(({ bend }) => bend)).toEqual(sheet.steps.map(({ bend }) => bend));
  expect(asked.tube.bends.map(({ clampLength, trailing }) => [clampLength, trailing])).toEqual(
    sheet.bends.map(() => [die.clampLength.mm, die.trailing.mm]),
  );
  expect(machineOf(die.id, placed)?.id).toBe('x');
});

test('a die that no machine has any more is walked on a machine that nobody has measured', () => {
  const asked = walkAsked(hoopSheet(), { machines: [] });
  if (typeof asked === 'string') throw new Error(asked);
  expect([asked.bender.height, asked.bender.walls.ahead, asked.bender.frame]).toEqual([null, null, []]);
});

test('no walk of a straight tube, of a rolled arc, or of dies on two machines', () => {
  const sheet = hoopSheet();
  expect(walkAsked({ ...sheet, bends: [] }, shop)).toBe('straight');
  const [first, ...rest] = sheet.bends;
  if (!first) throw new Error('the hoop has bends');
  expect(walkAsked({ ...sheet, bends: [{ ...first, school: 'rolled' }, ...rest] }, shop)).toBe('rolled');
  const other = { ...itemAt(shop.machines, 0), id: 'y', dies: [{ ...die, id: 'other' }] };
  const elsewhere = { ...first, die: { ...die, id: 'other' } };
  expect(walkAsked({ ...sheet, bends: [elsewhere, ...rest] }, { machines: [...shop.machines, other] })).toBe(
    'two-machines',
  );
});

test('an order that the fabricator gave is the order of the sheet; what it leaves out follows', () => {
  const sheet = hoopSheet();
  const numbers = (order: string[] | null) => hoopSheet({ order }).steps.map(({ bend }) => bend);
  const features = [...sheet.bends].reverse().map(({ feature }) => feature);
  expect(numbers(features)).toEqual([...sheet.bends].reverse().map(({ number }) => number));
  expect(numbers([itemAt(features, 0)])).toEqual([
    itemAt(sheet.bends, -1).number,
    ...sheet.steps.map(({ bend }) => bend).filter((bend) => bend !== itemAt(sheet.bends, -1).number),
  ]);
  expect(numbers(['no-such-bend'])).toEqual(numbers(null));
  const [, second] = hoopSheet({ order: features }).steps;
  const [, forward] = sheet.steps;
  expect(second?.turn).toBeCloseTo(-(forward?.turn ?? 0), 9);
});

test('a die whose dial has steps says what to pull to, and what it springs back to from there', () => {
  const stepped = { ...die, dialStep: { deg: 1, typed: '1' } };
  const bend = itemAt(hoopSheet({}, stepped).bends, 0);
  expect(bend.dial.to).toBe(Math.floor(bend.reading));
  expect(bend.dial.next).toBe(bend.dial.to + 1);
  // It is released by no more than it is pulled.
  expect(bend.dial.off.to).toBeLessThan(0);
  expect(bend.dial.off.to).toBeGreaterThanOrEqual(bend.dial.to - bend.reading);
});
