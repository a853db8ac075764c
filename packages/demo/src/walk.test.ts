import { type BendSheet, evaluate, type Pose, poseOf, type Vec3, walkAsked, walkThrough } from '@gyrus/core';
import { demoJobs, demoShop } from './index.ts';

const sheets = demoJobs.flatMap(({ plan }) =>
  evaluate(plan, demoShop, []).members.flatMap(({ pieces }) =>
    pieces.flatMap(({ sheet }) => (sheet && sheet.bends.length > 0 ? [sheet] : [])),
  ),
);

/** The ends, and the tangents between. */
const endsOf = (chain: Pose['ahead']): Vec3[] =>
  chain.flatMap((piece) => (piece.kind === 'straight' ? [piece.from, piece.to] : []));
const between = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** The finished tube by its design, ends and tangents, with what is left on its ends. */
function designOf({ marked, trim }: BendSheet): Vec3[] {
  const { ends, corners } = marked.corners;
  const toward = (from: Vec3, to: Vec3, by: number): Vec3 => {
    const share = by / between(from, to);
    return [0, 1, 2].map((i) => (from[i] ?? 0) + share * ((to[i] ?? 0) - (from[i] ?? 0))) as unknown as Vec3;
  };
  const path = [ends[0], ...corners.map(({ at }) => at), ends[1]];
  const at = (i: number): Vec3 => path[i] ?? ends[1];
  const tangents = marked.lra.bends.flatMap(({ setback }, i) => [
    toward(at(i + 1), at(i), setback),
    toward(at(i + 1), at(i + 2), setback),
  ]);
  return [
    toward(at(0), at(1), -trim[0]),
    ...tangents,
    toward(at(path.length - 1), at(path.length - 2), -trim[1]),
  ];
}

test('every bent tube of the demo jobs is walked to its design, in an order that works or with a reason why none does', () => {
  expect(sheets.length).toBeGreaterThan(10);
  for (const sheet of sheets) {
    const asked = walkAsked(sheet, demoShop);
    if (asked === 'rolled') continue;
    if (typeof asked === 'string') throw new Error(`${sheet.stamp}: ${asked}`);
    const { tube, bender, order } = asked;
    const { all } = walkThrough(tube, bender, order);
    expect(all?.best !== null || all.blocked.length > 0).toBe(true);
    const last = order.at(-1);
    if (!last) throw new Error('a bent tube has an order');
    const made = new Set(order.slice(0, -1).map(({ bend }) => bend));
    const { ahead, behind } = poseOf(tube, bender, { ...last, made }, { at: 'released' });
    // The straight behind the die ends at the die, as the nothing ahead of it does.
    const lies = [...endsOf(behind).reverse(), ...endsOf(ahead).slice(2)];
    const found = last.clamp === 'b' ? lies : lies.reverse();
    const design = designOf(sheet);
    expect(found).toHaveLength(design.length);
    for (const [i, a] of design.entries())
      for (const [j, b] of design.entries())
        expect(Math.abs(between(a, b) - between(found[i] ?? [0, 0, 0], found[j] ?? [0, 0, 0]))).toBeLessThan(
          0.01,
        );
  }
});
