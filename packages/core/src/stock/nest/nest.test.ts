import fc from 'fast-check';
import { check, expectValue } from '../../fault/index.ts';
import { loadSolver } from './highs.ts';
import { nestInput, type NestInput } from './input.ts';
import { nest } from './nest.ts';

const solver = await loadSolver(() => performance.now() / 1000);
const laid = (input: NestInput) => expectValue(nest(input, solver));

/** Each stick holds its pieces with the kerf between them, each piece is cut as often as it is wanted, and no stick more often than there is. */
function expectSound({ kerf, sticks, pieces }: NestInput, of: ReturnType<typeof laid>) {
  for (const { length, pieces: here, offcut } of of.sticks) {
    const together = here.reduce((sum, piece) => sum + piece.length, 0);
    expect(together + kerf * (here.length - 1)).toBeLessThanOrEqual(length + 1e-6);
    expect(offcut).toBeCloseTo(Math.max(0, length - together - kerf * here.length), 6);
    expect(here.length).toBeGreaterThan(0);
  }
  const cut = of.sticks.flatMap((stick) => stick.pieces);
  for (const { id, length, quantity } of pieces) {
    const own = cut.filter((piece) => piece.id === id);
    expect(own).toHaveLength(quantity);
    expect(own.every((piece) => piece.length === length)).toBe(true);
  }
  for (const [i, { count = Infinity }] of sticks.entries())
    expect(of.sticks.filter(({ stick }) => stick === i).length).toBeLessThanOrEqual(count);
  expect(of.used).toBe(of.sticks.length);
  expect(of.lowerBound).toBeLessThanOrEqual(of.cost + 1e-9);
}

// The classic cutting-stock example of a paper machine: from memory, as published in textbooks and encyclopedias.
test('the 13 widths of a 5600 mm roll take 73 rolls, proven', () => {
  const widths: [number, number][] = [
    [1380, 22],
    [1520, 25],
    [1560, 12],
    [1710, 14],
    [1820, 18],
    [1880, 18],
    [1930, 20],
    [2000, 10],
    [2050, 12],
    [2100, 14],
    [2140, 16],
    [2150, 18],
    [2200, 20],
  ];
  const input = {
    kerf: 0,
    sticks: [{ length: 5600 }],
    pieces: widths.map(([length, quantity]) => ({ id: `${length}`, length, quantity })),
  };
  const answer = laid(input);
  expectSound(input, answer);
  expect(answer).toMatchObject({ used: 73, cost: 73 * 5600, lowerBound: 73 * 5600, optimal: true });
});

/** The cost, then the number of sticks, of the best of all ways: every piece into every stick in turn. */
function byForce({ kerf, sticks, pieces }: NestInput): { cost: number; used: number } | null {
  const all = pieces.flatMap(({ length, quantity }) => Array.from({ length: quantity }, () => length));
  const bins: { stick: number; filled: number }[] = [];
  let best: { cost: number; used: number } | null = null;
  const costOf = (stick: number) => sticks[stick]?.cost ?? sticks[stick]?.length ?? 0;
  const put = (at: number, cost: number): void => {
    const isWorse =
      best && (cost > best.cost + 1e-9 || (cost > best.cost - 1e-9 && bins.length >= best.used));
    if (isWorse) return;
    const length = all[at];
    if (length === undefined) {
      best = { cost, used: bins.length };
      return;
    }
    for (const bin of bins) {
      if (bin.filled + kerf + length > (sticks[bin.stick]?.length ?? 0) + 1e-6) continue;
      bin.filled += kerf + length;
      put(at + 1, cost);
      bin.filled -= kerf + length;
    }
    for (const [stick, { length: room, count = Infinity }] of sticks.entries()) {
      if (length > room + 1e-6 || bins.filter((bin) => bin.stick === stick).length >= count) continue;
      bins.push({ stick, filled: length });
      put(at + 1, cost + costOf(stick));
      bins.pop();
    }
  };
  put(0, 0);
  return best;
}

const anyCase = fc.record({
  kerf: fc.constantFrom(0, 2, 3.175),
  sticks: fc.array(
    fc.record(
      {
        length: fc.integer({ min: 40, max: 120 }),
        count: fc.integer({ min: 1, max: 3 }),
        cost: fc.integer({ min: 0, max: 120 }),
      },
      { requiredKeys: ['length'] },
    ),
    { minLength: 1, maxLength: 3 },
  ),
  pieces: fc
    .array(
      fc.record({ length: fc.integer({ min: 10, max: 60 }), quantity: fc.integer({ min: 1, max: 2 }) }),
      { minLength: 1, maxLength: 4 },
    )
    .map((all) => all.map((piece, i) => ({ id: `p${i}`, ...piece }))),
});

test('small cases cost what the best of all ways costs, with as few sticks', () => {
  fc.assert(
    fc.property(anyCase, (input) => {
      const best = byForce(input);
      const answer = nest(input, solver);
      expect(answer.ok).toBe(best !== null);
      if (!answer.ok || !best) return;
      expectSound(input, answer.value);
      expect(answer.value.cost).toBeCloseTo(best.cost, 6);
      expect([answer.value.used, answer.value.optimal]).toEqual([best.used, true]);
    }),
    { numRuns: 150 },
  );
});

test('the saw runs between pieces and not behind the last: what fills a stick to the end fits', () => {
  const answer = laid({
    kerf: 5,
    sticks: [{ length: 1005 }],
    pieces: [{ id: 'a', length: 500, quantity: 2 }],
  });
  expect(answer).toMatchObject({ used: 1, sticks: [{ offcut: 0 }] });
  expect(
    laid({ kerf: 5, sticks: [{ length: 1004 }], pieces: [{ id: 'a', length: 500, quantity: 2 }] }).used,
  ).toBe(2);
});

test('an offcut that costs nothing is used before a stick, and fewer sticks before more', () => {
  const answer = laid({
    kerf: 2,
    sticks: [{ length: 6000 }, { length: 900, count: 1, cost: 0 }],
    pieces: [{ id: 'a', length: 800, quantity: 8 }],
  });
  expect(answer).toMatchObject({ cost: 6000, used: 2, optimal: true });
  const even = laid({
    kerf: 0,
    sticks: [
      { length: 1000, cost: 0 },
      { length: 500, cost: 0 },
    ],
    pieces: [{ id: 'a', length: 500, quantity: 4 }],
  });
  expect(even).toMatchObject({ cost: 0, used: 2, optimal: true });
});

test('sixty pieces of a cage in pairs and two that are not are proven', () => {
  const pieces = Array.from({ length: 31 }, (_, i) => ({
    id: `p${i}`,
    length: 320 + ((i * 997) % 2400) + (i % 7) * 0.4,
    quantity: i < 29 ? 2 : 1,
  }));
  const input = { kerf: 2.5, sticks: [{ length: 6096 }], pieces };
  const answer = laid(input);
  expectSound(input, answer);
  expect(answer.optimal).toBe(true);
  const metal = pieces.reduce((sum, { length, quantity }) => sum + quantity * (length + 2.5), 0);
  expect(answer.used).toBeGreaterThanOrEqual(Math.ceil(metal / (6096 + 2.5)));
});

test('a piece longer than every stick, and too few sticks, are told', () => {
  const piece = { id: 'hoop', length: 7000, quantity: 1 };
  const fault = (input: NestInput) => {
    const answer = nest(input, solver);
    return answer.ok ? null : answer.fault;
  };
  expect(fault({ kerf: 0, sticks: [{ length: 6000 }], pieces: [piece] })).toMatchObject({
    code: 'too-big',
    path: '/pieces/0/length',
    message: 'hoop is longer than every stick: it is 7000 mm, the longest stick 6000 mm',
  });
  expect(
    fault({ kerf: 0, sticks: [{ length: 7000, count: 1 }], pieces: [{ ...piece, quantity: 2 }] }),
  ).toMatchObject({ code: 'too-few', path: '/sticks' });
  // A stick of which there is none is none.
  expect(
    fault({ kerf: 0, sticks: [{ length: 8000, count: 0 }, { length: 6000 }], pieces: [piece] })?.code,
  ).toBe('too-big');
  expect(laid({ kerf: 0, sticks: [{ length: 100 }], pieces: [] })).toMatchObject({ used: 0, optimal: true });
});

test.each([
  [{ sticks: [] }, '/sticks'],
  [{ kerf: -1 }, '/kerf'],
  [{ pieces: [{ id: 'a', length: 0, quantity: 1 }] }, '/pieces/0/length'],
  [{ pieces: [{ id: 'a', length: 1, quantity: 1.5 }] }, '/pieces/0/quantity'],
  [{ pieces: [{ id: '', length: 1, quantity: 1 }] }, '/pieces/0/id'],
  [{ sticks: [{ length: 100, cost: -1 }] }, '/sticks/0/cost'],
  [{ saw: 1 }, '/saw'],
])('%j is refused where it is', (change, path) => {
  const input = { kerf: 2, sticks: [{ length: 100 }], pieces: [], ...change };
  expect(check(nestInput, input)).toMatchObject({ ok: false, fault: { path } });
});
