import { type BendSheet, tapeHook } from '../cage/index.ts';
import { evaluate } from '../evaluate.ts';
import { hoopAnswerOf } from '../evaluation.ts';
import { EMPTY_SHOP } from '../plan/index.ts';
import { angle, inch, LEANING_CAR, planWith } from '../testing/index.ts';
import { fractionRuns, hoopFront, markOutStrip, type Shape, textWidth } from './index.ts';

const die = {
  id: 'd',
  machine: 'bender',
  name: '2 in',
  od: inch('2'),
  clr: inch('6'),
  reference: 'start' as const,
  offset: inch('4 1/2'),
  clampLength: inch('4 1/2'),
  trailing: inch('3'),
  largestAngle: angle('120'),
  finishedRadius: null,
  dialStep: null,
  dialZero: null,
  takes: [],
  tests: [],
};
const start = planWith(LEANING_CAR, {}, { dies: [die] });
const plan = {
  ...start,
  members: start.members.map((member) => ({ ...member, bending: { ...member.bending, die: 'd' } })),
};
const answer = hoopAnswerOf(evaluate(plan, EMPTY_SHOP, []));
const sheet = answer?.sheet as BendSheet;
const style = { unit: 'in', fraction: 16, decimals: 0 } as const;
const texts = (shapes: Shape[]) => shapes.flatMap((shape) => (shape.kind === 'text' ? [shape] : []));

test('the strip shows every bend at scale: arc zones lie where the tangents are', () => {
  const strip = markOutStrip(sheet, { width: 900, hook: tapeHook(sheet, 'a', null), style });
  const zones = strip.shapes.flatMap((shape) =>
    shape.kind === 'polygon' && shape.pen === 'arc-zone' ? [shape] : [],
  );
  expect(zones).toHaveLength(sheet.bends.length);
  const scale = (900 - 2 * 26) / sheet.blank;
  zones.forEach((zone, i) =>
    expect(zone.points[0]?.[0]).toBeCloseTo(26 + (sheet.bends[i]?.tangentA ?? 0) * scale, 6),
  );
});

test('arrows run away from the clamp', () => {
  const strip = markOutStrip(sheet, { width: 900, hook: tapeHook(sheet, 'centre', null), style });
  const arrows = strip.shapes.flatMap((shape) =>
    shape.kind === 'arrow' && shape.pen === 'arrow' ? [shape] : [],
  );
  arrows.forEach((arrow, i) => {
    const toRight = arrow.to[0] > arrow.from[0];
    expect(toRight).toBe(sheet.bends[i]?.clampSide === 'a');
  });
});

test.each([300, 500, 900, 1400])('no two captions overlap at a width of %d', (width) => {
  const strip = markOutStrip(sheet, { width, hook: tapeHook(sheet, 'b', null), style });
  const captions = texts(strip.shapes).filter((text) => text.text.startsWith('bend '));
  for (const [i, a] of captions.entries())
    for (const b of captions.slice(i + 1)) {
      if (a.at[1] !== b.at[1]) continue;
      const room = Math.abs(a.at[0] - b.at[0]);
      expect(room).toBeGreaterThanOrEqual((textWidth(a.text, a.size) + textWidth(b.text, b.size)) / 2);
    }
});

test('both angles are named on every bend', () => {
  const said = texts(markOutStrip(sheet, { width: 900, hook: tapeHook(sheet, 'a', null), style }).shapes).map(
    (text) => text.text,
  );
  expect(said.filter((text) => /bend \d: [\d.]+° \(inside [\d.]+°\)/.test(text))).toHaveLength(4);
});

test('the front view stays within its picture', () => {
  if (!answer || 'none' in answer.hoop || !answer.tube) throw new Error('no hoop');
  const front = hoopFront(answer.hoop.hoop, answer.tube, sheet, { width: 860, height: 520, style });
  for (const shape of front.shapes)
    for (const [x, y] of 'points' in shape ? shape.points : []) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(860);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(520);
    }
});

test('fractions are found in text, and plain slashes are left alone', () => {
  expect(fractionRuns('cut at 41 1/4 in')).toEqual([
    { text: 'cut at 41 ', fraction: false },
    { text: '1⁄4', fraction: true },
    { text: ' in', fraction: false },
  ]);
  expect(fractionRuns('a/b').some((run) => run.fraction)).toBe(false);
});

test('those who cope first hook the tape on the ear of the cut end', () => {
  const ears = { a: -4, b: 3 };
  const fromA = tapeHook(sheet, 'ear-a', ears);
  // The ear stands 4 mm beyond the end point, which lies the trim in from the end of the blank.
  expect(fromA.at).toBeCloseTo(sheet.trim[0] - 4, 9);
  expect(fromA.reads(fromA.at)).toBe(0);
  const fromB = tapeHook(sheet, 'ear-b', ears);
  expect(fromB.reads(100)).toBeCloseTo(sheet.blank - sheet.trim[1] - 3 - 100, 9);
  expect(markOutStrip(sheet, { width: 900, hook: fromA, style }).title).toMatch(
    /from the ear of the coped end A$/,
  );
  // Until the copes are known the tape is on the bare end, and says so.
  expect(tapeHook(sheet, 'ear-b', null)).toMatchObject({ datum: 'b', words: 'from end B' });
});
