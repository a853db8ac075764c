import fc from 'fast-check';
import { itemAt } from '../items/index.ts';
import { hoopSheet } from '../testing/twoInchShop.ts';
import { floorPlace, floorSteps, type TickedStep } from './steps.ts';

const sheet = hoopSheet();
const steps = floorSteps(sheet);
const tick = (step: string, time = 1, again = false): TickedStep => ({ step, time, again });

test('marks first, then every pull from turning the tube to what now, in the order of the sheet', () => {
  expect(itemAt(steps, 0)).toEqual({ key: 'mark', kind: 'mark', bend: null });
  const [first] = sheet.steps;
  expect(steps.slice(1, 7).map(({ key }) => key)).toEqual(
    ['turn', 'clamp', 'zero', 'pull', 'release', 'now'].map((kind) => `${first?.bend}/${kind}`),
  );
  expect(steps).toHaveLength(1 + 6 * sheet.bends.length);
});

test('a rolled arc is turned, rolled and tried: no dial, no release', () => {
  const rolled = { ...sheet, bends: sheet.bends.map((bend) => ({ ...bend, school: 'rolled' as const })) };
  expect(floorSteps(rolled).map(({ kind }) => kind)).not.toContain('pull');
  expect(floorSteps(rolled)).toHaveLength(1 + 3 * sheet.bends.length);
});

test('the first step that is not ticked is next', () => {
  expect(floorPlace(steps, [])).toEqual({ index: 0, time: 1 });
  expect(floorPlace(steps, [tick('mark')])).toEqual({ index: 1, time: 1 });
  expect(floorPlace(steps, [tick(itemAt(steps, 1).key)])).toEqual({ index: 0, time: 1 });
});

test('a bend that fell short is pulled, released and looked at a second time, and what comes after it a first', () => {
  const first = steps.slice(0, 7).map(({ key }) => tick(key));
  const short = [...first.slice(0, 6), tick(itemAt(steps, 6).key, 1, true)];
  expect(floorPlace(steps, short)).toEqual({ index: 4, time: 2 });
  const pulled = [...short, tick(itemAt(steps, 4).key, 2)];
  expect(floorPlace(steps, pulled)).toEqual({ index: 5, time: 2 });
  const done = [...pulled, tick(itemAt(steps, 5).key, 2), tick(itemAt(steps, 6).key, 2)];
  expect(floorPlace(steps, done)).toEqual({ index: 7, time: 1 });
});

test('whoever ticks what is next, with as many pulls again as there are, comes to the end and does every step', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { maxLength: 12 }), (again) => {
      const ticks: TickedStep[] = [];
      const asks = [...again];
      for (let at = floorPlace(steps, ticks); at; at = floorPlace(steps, ticks)) {
        const { key, kind } = itemAt(steps, at.index);
        expect(ticks.some(({ step, time }) => step === key && time === at?.time)).toBe(false);
        ticks.push(tick(key, at.time, kind === 'now' && (asks.shift() ?? false)));
      }
      const repeated = again.slice(0, again.length - asks.length).filter((one) => one).length;
      expect(new Set(ticks.map(({ step }) => step)).size).toBe(steps.length);
      expect(ticks.length).toBe(steps.length + 3 * repeated);
    }),
  );
});
