/** A column of a linear model: what one of it costs, how many there may be, and what it puts into each row. */
export interface Column {
  cost: number;
  most: number;
  entries: readonly (readonly [row: number, value: number])[];
}

/** Bounds of what the columns put into a row together. */
interface Row {
  least: number;
  most: number;
}

/** Least cost over columns that are no fewer than none, each row between its bounds. */
export interface LinearModel {
  rows: readonly Row[];
  columns: readonly Column[];
}

/** What came of a model. prices: what one more of each row would cost; of a model in whole numbers of no meaning. */
export interface Solved {
  values: number[];
  prices: number[];
  cost: number;
  /** No better one exists. */
  proven: boolean;
}

/** A linear model that grows and is solved again from where it was. */
export interface GrowingModel {
  add(columns: readonly Column[]): void;
  bound(row: number, bounds: Row): void;
  solve(): Solved | null;
}

/** Solves linear models. */
export interface Solver {
  /** Seconds, from whenever. */
  now(): number;
  /** In whole numbers only, given up after so long; null where nothing was found. */
  whole(model: LinearModel, seconds: number): Solved | null;
  /** Keeps a model while it is worked with. */
  growing<T>(model: LinearModel, work: (model: GrowingModel) => T): T;
}
