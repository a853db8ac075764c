import type load from 'highs';
import { type Column, type GrowingModel, type LinearModel, type Solved, type Solver } from './solver.ts';

/** Finer than the costs of sticks are told apart by. */
const CLOSE = 1e-9;
/** How far a row may be off in whole numbers: a solver that ran out of time may have found nothing. */
const OFF = 1e-4;

/** What every model is set to. */
const QUIET = {
  output_flag: false,
  primal_feasibility_tolerance: CLOSE,
  dual_feasibility_tolerance: CLOSE,
};

type Itself<T> = T extends { default: infer Inner } ? Itself<Inner> : T;
/** Read as CommonJS its types say that the default has a default; the module has the loader itself. */
const itself = <T>(loader: T) => loader as Itself<T>;
type Highs = Awaited<ReturnType<Itself<typeof load>>>;
type Inside = ReturnType<Highs['createModel']>;

/** The solver of linear models, HiGHS compiled to WebAssembly; loaded when it is first asked for. now: the caller's clock, seconds */
export async function loadSolver(now: () => number): Promise<Solver> {
  const { default: loader } = await import('highs');
  const highs = await itself(loader)();
  const { optimal } = highs.constants.modelStatus;
  /** A model of the solver's while it is worked with: its memory is its own, and is given back. */
  const within = <T>(data: ReturnType<typeof dataOf>, work: (inside: Inside) => T): T => {
    const inside = highs.createModel(data);
    try {
      inside.options.set(QUIET);
      return work(inside);
    } finally {
      inside.dispose();
    }
  };
  return {
    now,
    whole: (model, seconds) =>
      within(dataOf(model, true), (inside): Solved | null => {
        inside.options.set({ time_limit: Math.max(seconds, 0.01), mip_rel_gap: 0, mip_abs_gap: CLOSE });
        inside.run();
        const values = [...inside.getSolution().colValue];
        const proven = inside.getModelStatus() === optimal;
        return isWithin(model, values)
          ? { values, prices: [], cost: inside.getObjectiveValue(), proven }
          : null;
      }),
    growing: <T>(model: LinearModel, work: (model: GrowingModel) => T) =>
      within(dataOf(model, false), (inside) => work(growingIn(inside, optimal))),
  };
}

/** A model as it is kept while it grows. */
const growingIn = (inside: Inside, optimal: number): GrowingModel => ({
  add: (columns) => {
    for (const { cost, most, entries } of columns)
      inside.addCol(cost, 0, most, {
        indices: entries.map(([row]) => row),
        values: entries.map(([, value]) => value),
      });
  },
  bound: (row, { least, most }) => {
    inside.changeRowBounds(row, least, most);
  },
  solve: () => {
    inside.run();
    if (inside.getModelStatus() !== optimal) return null;
    const { colValue, rowDual } = inside.getSolution();
    const cost = inside.getObjectiveValue();
    return { values: [...colValue], prices: [...rowDual], cost, proven: true };
  },
});

/** The model in the solver's own arrays, column by column. */
function dataOf({ rows, columns }: LinearModel, whole: boolean) {
  const entries = columns.flatMap((column) => column.entries);
  let stored = 0;
  return {
    numCols: columns.length,
    numRows: rows.length,
    colCost: columns.map(({ cost }) => cost),
    colLower: columns.map(() => 0),
    colUpper: columns.map(({ most }) => most),
    rowLower: rows.map(({ least }) => least),
    rowUpper: rows.map(({ most }) => most),
    matrix: {
      format: 'csc' as const,
      numRows: rows.length,
      numCols: columns.length,
      starts: [0, ...columns.map((column) => (stored += column.entries.length))],
      indices: entries.map(([row]) => row),
      values: entries.map(([, value]) => value),
    },
    integrality: columns.map(() => (whole ? 1 : 0)),
  };
}

function isWithin({ rows, columns }: LinearModel, values: readonly number[]): boolean {
  if (values.length !== columns.length) return false;
  const sums = rows.map(() => 0);
  const put = ({ entries }: Column, value: number) => {
    for (const [row, each] of entries) sums[row] = (sums[row] ?? 0) + each * value;
  };
  for (const [i, column] of columns.entries()) put(column, values[i] ?? 0);
  return rows.every(({ least, most }, i) => {
    const sum = sums[i] ?? 0;
    return sum >= least - OFF && sum <= most + OFF;
  });
}
