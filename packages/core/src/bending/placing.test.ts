import fc from 'fast-check';
import { pointsOf } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type MarkInput, marksOf } from './index.ts';

/** Marks on tubes in space against the lengths and arcs that the tube was made from, walked along by hand. */
const bend = fc.record({
  length: fc.double({ min: 0, max: 700, noNaN: true }),
  rotation: fc.double({ min: -179, max: 180, noNaN: true }),
  angle: fc.double({ min: 2, max: 140, noNaN: true }),
  clr: fc.double({ min: 30, max: 250, noNaN: true }),
});
const tube = fc.record({
  bends: fc
    .array(bend, { minLength: 1, maxLength: 5 })
    .map((bends) => bends.map((one, i) => (i === 0 ? { ...one, rotation: 0 } : one))),
  tail: fc.double({ min: 1, max: 700, noNaN: true }),
  trim: fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 0, max: 100 })),
});
type Tube = typeof tube extends fc.Arbitrary<infer T> ? T : never;

const inputFor = ({ bends, tail, trim }: Tube): MarkInput => ({
  points: expectValue(pointsOf({ bends, tail })).map((p: Vec3): [number, number, number] => [...p]),
  clr: bends.map((one) => one.clr),
  springback: { model: 'none' },
  growRadius: false,
  die: { reference: 'start', offset: 0 },
  clampSide: 'a',
  trim: [...trim],
  datum: 'a',
});

test('tangents lie where straights and arcs add up to', () => {
  fc.assert(
    fc.property(tube, (given) => {
      const marks = expectValue(marksOf(inputFor(given)));
      let at = given.trim[0];
      for (const [i, { length, angle, clr }] of given.bends.entries()) {
        const arc = (clr * angle * Math.PI) / 180;
        expect(marks.bends[i]?.tangentA).toBeCloseTo(at + length, 4);
        expect(marks.bends[i]?.tangentB).toBeCloseTo(at + length + arc, 4);
        at += length + arc;
      }
      expect(marks.blank).toBeCloseTo(at + given.tail + given.trim[1], 4);
    }),
    { seed: 21 },
  );
});

test('clamping from the other end exchanges start and end, and mirrors the marks of the reversed tube', () => {
  fc.assert(
    fc.property(
      tube,
      fc.constantFrom('start', 'centre', 'end'),
      fc.integer({ min: -200, max: 200 }),
      (given, reference, offset) => {
        const input = inputFor(given);
        const die = { reference, offset };
        const fromA = expectValue(marksOf({ ...input, die, clampSide: 'a' }));
        const turned = expectValue(
          marksOf({
            ...input,
            die,
            clampSide: 'b',
            datum: 'b',
            points: input.points.toReversed(),
            clr: (input.clr as number[]).toReversed(),
            trim: [given.trim[1], given.trim[0]],
          }),
        );
        turned.bends
          .toReversed()
          .forEach((one, i) => expect(one.mark).toBeCloseTo(fromA.bends[i]?.mark ?? NaN, 4));
      },
    ),
    { seed: 22 },
  );
});

test('a growing radius keeps the PIs: each straight gives up what its bends’ setbacks gain', () => {
  fc.assert(
    fc.property(tube, fc.double({ min: 0, max: 0.08, noNaN: true }), (given, share) => {
      const roomy = {
        ...given,
        bends: given.bends.map((one) => ({ ...one, length: one.length + 400 })),
        tail: given.tail + 400,
      };
      const grown = marksOf({ ...inputFor(roomy), springback: { model: 'share', share }, growRadius: true });
      if (!grown.ok) return;
      let at = roomy.trim[0];
      let gained = 0;
      for (const [i, { length, angle, clr }] of roomy.bends.entries()) {
        const half = Math.tan((angle * Math.PI) / 360);
        const gain = clr * share * half;
        at += length - gained - gain;
        expect(grown.value.bends[i]?.tangentA).toBeCloseTo(at, 4);
        at += (clr * (1 + share) * angle * Math.PI) / 180;
        gained = gain;
      }
    }),
    { seed: 23 },
  );
});

test('a point in line takes its clamp side and radius with it', () => {
  const withExtra = expectValue(
    marksOf({
      points: [
        [0, 0, 0],
        [300, 0, 0],
        [600, 0, 0],
        [600, 500, 0],
      ],
      clr: [77, 100],
      springback: { model: 'none' },
      growRadius: false,
      die: { reference: 'start', offset: 0 },
      clampSide: ['a', 'b'],
      trim: [0, 0],
      datum: 'a',
    }),
  );
  expect(withExtra.bends).toHaveLength(1);
  expect(withExtra.bends[0]).toMatchObject({
    finishedClr: 100,
    mark: expect.closeTo(500 + (100 * Math.PI) / 2, 6) as number,
  });
});
