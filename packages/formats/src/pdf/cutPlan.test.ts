import { copesIn, cutPlanOf, evaluate, MILLIMETRES, needsOf } from '@gyrus/core';
import { loadSolver } from '@gyrus/core/solver';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { buffer } from 'node:stream/consumers';
import { inUtc } from '../testing/inUtc.ts';
import { pdfStreams } from '../testing/pdfLines.ts';
import { pdfText } from '../testing/pdfText.ts';
import { cutPlanPdf, type CutPlanRequest } from './index.ts';

const solver = await loadSolver(() => performance.now() / 1000);
const evaluation = evaluate(demoPlan, demoShop, demoBooks);
const copes = copesIn(demoPlan, evaluation, demoBooks);
const { needs } = needsOf(demoPlan, evaluation.members, copes, { guided: false });
const plan = cutPlanOf(
  {
    ...{ kerf: 2.5, rack: [], buys: demoShop.tubes },
    needs: needs.map((need) => ({ ...need, job: 'j', spare: false })),
  },
  solver,
);
const request: CutPlanRequest = {
  ...{
    plan,
    notYet: [],
    jobs: [{ id: 'j', name: 'a job' }],
    kerf: 2.5,
    who: 'Aino',
    paper: 'a4',
    style: MILLIMETRES,
  },
  laidOut: inUtc('2026-11-25T10:25:00Z'),
  printed: inUtc('2026-11-25T10:25:00Z'),
};
const bytesOf = (given: CutPlanRequest): Promise<Buffer> => buffer(cutPlanPdf(given));

/** Rectangles that are drawn, x and width in points, page by page. */
const rectanglesOn = (pdf: Buffer): [x: number, width: number][][] =>
  pdfStreams(pdf)
    .filter((content) => / re\n/.test(content))
    .map((content) =>
      [...content.matchAll(/^([\d.-]+) [\d.-]+ ([\d.-]+) [\d.-]+ re$/gm)].map(([, x, width]) => [
        Number(x),
        Number(width),
      ]),
    );

test('every stick is drawn to one scale, with each of its pieces and a box to tick', async () => {
  const pages = rectanglesOn(await bytesOf(request));
  const sticks = plan.groups.flatMap((group) => group.sticks);
  const pieces = sticks.flatMap((stick) => stick.pieces);
  const all = pages.flat();
  expect(all).toHaveLength(sticks.length + 2 * pieces.length);
  for (const [x, width] of all) {
    expect(x).toBeGreaterThan(30);
    expect(x + width).toBeLessThan(842 - 30);
  }
  // A stick, then each of its pieces before its box: so many points for a millimetre, everywhere.
  const [first, second] = all;
  const [stick] = sticks;
  if (!first || !second || !stick) throw new Error('a stick is drawn');
  expect(second[1] / (stick.pieces[0]?.length ?? 0)).toBeCloseTo(first[1] / stick.length, 4);
});

test('what could not be laid out is printed too', async () => {
  const nothing = cutPlanOf(
    { kerf: 2, needs: needs.map((need) => ({ ...need, job: 'j', spare: true })), rack: [], buys: [] },
    solver,
  );
  expect(nothing.groups).toEqual([]);
  const saidOf = async (given: CutPlanRequest) =>
    (await pdfText(await bytesOf(given))).join(' ').replace(/\s+/g, ' ');
  const laid = await saidOf(request);
  expect(laid).not.toMatch(/Not laid out|Not cut/);
  for (const { stamp } of plan.groups.flatMap(({ sticks }) => sticks.flatMap(({ pieces }) => pieces)))
    expect(laid).toContain(stamp);
  const faults = await saidOf({ ...request, plan: nothing, notYet: [{ stamp: 'WB', why: 'no-marks' }] });
  expect(nothing.faults.length).toBeGreaterThan(0);
  for (const { stamps } of nothing.faults) expect(faults).toContain(`Not laid out: ${stamps.join(', ')} of `);
  expect(faults).toMatch(/Not cut: WB\b/);
});
