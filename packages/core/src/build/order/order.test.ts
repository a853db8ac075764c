import fc from 'fast-check';
import { faultsOf } from './allowed.ts';
import { anyOrder, bestOrder } from './bestOrder.ts';
import { type BuildProblem, CLOSED } from './problem.ts';
import { compareCost, timelineOf } from './timeline.ts';

/** Every order of so many. */
function everyOrder(count: number): number[][] {
  if (count === 0) return [[]];
  return everyOrder(count - 1).flatMap((shorter) =>
    Array.from({ length: count }, (_, i) => shorter.toSpliced(i, 0, count - 1)),
  );
}

const bits = fc.constantFrom(0, 0, CLOSED >> 4, CLOSED & ~15, CLOSED);

/** Small cages: who is coped to whom goes by number, so that some order obeys unless the ways in forbid it. */
const problems: fc.Arbitrary<BuildProblem> = fc.integer({ min: 2, max: 5 }).chain((count) => {
  const tube = fc.nat(count - 1);
  const before = (i: number): fc.Arbitrary<number[]> =>
    i === 0 ? fc.constant([]) : fc.uniqueArray(fc.nat(i - 1), { maxLength: 2 });
  const other = (i: number) => tube.filter((one) => one !== i);
  const ways = (i: number) => fc.array(fc.uniqueArray(other(i), { maxLength: 1 }), { maxLength: 2 });
  const perTube = <T>(of: (i: number) => fc.Arbitrary<T>) =>
    fc.tuple(...Array.from({ length: count }, (_, i) => of(i)));
  const place = (i: number) =>
    fc.record({
      roof: fc.record({ bench: fc.constant(0), car: bits, dropped: bits }),
      tubes: fc.array(fc.record({ tube: other(i), closed: bits }), { maxLength: 2 }),
    });
  const part = tube.chain((i) =>
    fc.record({
      seam: fc.nat(4),
      tube: fc.constant(i),
      places: fc.array(place(i), { minLength: 1, maxLength: 3 }),
    }),
  );
  return fc.record({
    count: fc.constant(count),
    bench: perTube(() => fc.boolean()),
    after: perTube(before),
    ways: perTube(ways),
    sprung: perTube(ways),
    loose: perTube((i) => fc.option(other(i))),
    parts: fc.array(part, { maxLength: 6 }),
    drops: fc.boolean(),
  });
});

/** What stands before a part may be welded: its tube, and what needed that tube loose to get in. */
function releases({ loose, ways, sprung }: BuildProblem, order: number[], tube: number): number[] {
  const waiting = order.filter((one, i) => {
    const isShut = (way: number[]) => way.some((other) => order.indexOf(other) < i);
    return loose[one] === tube && ways[one]!.every(isShut) && !sprung[one]!.every(isShut);
  });
  return [tube, ...waiting];
}

const firstOf = ({ count }: BuildProblem) => Array.from({ length: count }, (_, i) => i);

test('of small cages no order is better than the one found, by trying every one', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const allowed = everyOrder(problem.count).filter((order) => faultsOf(problem, order).length === 0);
      const found = bestOrder(problem, firstOf(problem));
      if (allowed.length === 0) return found === null;
      const costs = allowed.map((order) => timelineOf(problem, order).cost);
      const least = costs.reduce((best, one) => (compareCost(one, best) < 0 ? one : best));
      return (
        found?.proven === true &&
        found.cost.lost === least.lost &&
        found.cost.moves === least.moves &&
        faultsOf(problem, found.order).length === 0
      );
    }),
    { numRuns: 400 },
  );
});

test('every seam is welded when all that it waits for stands, and while the torch still gets there', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const order = anyOrder(problem, firstOf(problem).reverse());
      if (!order) return true;
      const { welds, bench, drops } = timelineOf(problem, order);
      expect(welds.map(({ part }) => part).sort()).toEqual(problem.parts.map((_, i) => i).sort());
      for (const { part, standing, where, lost } of welds) {
        const { tube, places } = problem.parts[part]!;
        const stands = new Set(order.slice(0, standing));
        expect(releases(problem, order, tube).every((one) => stands.has(one))).toBe(true);
        expect(where === 'bench' ? standing <= bench : standing >= bench).toBe(true);
        if (where === 'dropped') expect(drops).toContain(standing);
        const closed = places.filter(
          ({ roof, tubes }) =>
            tubes
              .filter((one) => stands.has(one.tube))
              .reduce((all, one) => all | one.closed, roof[where]) === CLOSED,
        );
        expect(closed).toHaveLength(lost);
      }
      return true;
    }),
  );
});

test('the cage is let down no more often than the seams that wait for it need, by trying every set of moments', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const order = anyOrder(problem, firstOf(problem));
      if (!order) return true;
      const { welds, drops, bench } = timelineOf(problem, order);
      const waiting = welds
        .filter(({ where }) => where === 'dropped')
        .map(({ part }) => problem.parts[part]!);
      const reaches = (part: (typeof waiting)[number], moment: number) => {
        const stands = new Set(order.slice(0, moment));
        return (
          moment >= bench &&
          releases(problem, order, part.tube).every((one) => stands.has(one)) &&
          part.places.every(
            ({ roof, tubes }) =>
              tubes
                .filter((one) => stands.has(one.tube))
                .reduce((all, one) => all | one.closed, roof.dropped) !== CLOSED,
          )
        );
      };
      const moments = Array.from({ length: problem.count + 1 }, (_, i) => i);
      for (let set = 0; set < 2 ** moments.length; set++) {
        const chosen = moments.filter((i) => set & (1 << i));
        if (chosen.length < drops.length)
          expect(waiting.every((part) => chosen.some((moment) => reaches(part, moment)))).toBe(false);
      }
      return true;
    }),
  );
});

test('two bars that shut each other’s only way are in no order at all', () => {
  const shut: BuildProblem = {
    count: 2,
    bench: [true, true],
    after: [[], []],
    ways: [[[1]], [[0]]],
    sprung: [[], []],
    loose: [null, null],
    parts: [],
    drops: false,
  };
  expect(faultsOf(shut, [0, 1])).toHaveLength(1);
  expect(faultsOf(shut, [1, 0])).toHaveLength(1);
  expect([anyOrder(shut, [0, 1]), bestOrder(shut, [0, 1])]).toEqual([null, null]);
  const open = { ...shut, ways: [[[1]], [[]]] };
  expect(bestOrder(open, [1, 0])?.order).toEqual([0, 1]);
});
