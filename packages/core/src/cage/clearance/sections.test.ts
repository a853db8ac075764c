import fc from 'fast-check';
import { emptyPlan } from '../../plan/index.ts';
import { mm } from '../../testing/index.ts';
import { bodySides } from './bodySides.ts';
import { sectionsAt } from './sections.ts';

const sections = [-400, 0, 600].map((x) => ({ x }));

test('a place lies between the section behind and the one ahead, in proportion', () => {
  expect(sectionsAt(sections, 150, 0)).toEqual({ rear: { x: 0 }, front: { x: 600 }, share: 0.25 });
  expect(sectionsAt(sections, 0, 0)).toMatchObject({ front: { x: 0 }, share: 1 });
  expect(sectionsAt(sections, -400, 0)).toMatchObject({ rear: { x: -400 }, front: { x: -400 }, share: 0 });
  expect(sectionsAt([], 0, 1000)).toBeNull();
});

test('past the last section it runs on for so much, and no farther', () => {
  expect(sectionsAt(sections, 700, 150)).toMatchObject({ rear: { x: 600 }, front: { x: 600 } });
  expect(sectionsAt(sections, -500, 150)).toMatchObject({ rear: { x: -400 }, share: 0 });
  expect([sectionsAt(sections, 751, 150), sectionsAt(sections, -551, 150)]).toEqual([null, null]);
});

test('the two shares of a place make it again', () => {
  fc.assert(
    fc.property(fc.double({ min: -400, max: 600, noNaN: true }), (x) => {
      const between = sectionsAt(sections, x, 0);
      if (!between) return false;
      const { rear, front, share } = between;
      return Math.abs(rear.x + share * (front.x - rear.x) - x) < 1e-9;
    }),
  );
});

const rib = (id: string, forward: number, points: [out: number, up: number][]) => ({
  ...{ id, name: id, forward: mm(forward) },
  points: points.map(([out, up]) => ({ out: mm(out), up: mm(up) })),
});
const plan = emptyPlan({ member: 'm', piece: 'p' }, 'mm');
const inside = bodySides({
  survey: {
    ...plan.survey,
    ribs: [
      // Entered from the top down, and the front one first.
      rib('front', 1000, [
        [600, 800],
        [600, 0],
      ]),
      rib('rear', 0, [
        [500, 1000],
        [700, 500],
        [700, 0],
      ]),
    ],
  },
});

test('how far a place lies inside of the side, between sections and between heights (in proportion)', () => {
  expect(inside([0, 0, 250])).toBe(700);
  expect(inside([0, 0, 750])).toBe(600);
  expect(inside([500, 0, 250])).toBe(650);
  // The same on both sides; outside it is less than nothing.
  expect([inside([500, 640, 250]), inside([500, -640, 250]), inside([0, 720, 100])]).toEqual([10, 10, -20]);
  // Over its highest point and under its lowest a section goes straight on.
  expect([inside([0, 0, 1500]), inside([0, 0, -100])]).toEqual([500, 700]);
});

test('ahead of the first section and behind the last nobody knows', () => {
  expect([inside([1001, 0, 100]), inside([-1, 0, 100])]).toEqual([null, null]);
  expect(bodySides(plan)([0, 0, 0])).toBeNull();
});
