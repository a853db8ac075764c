import { pointsOf } from '../centreline/index.ts';
import { type Bender, type BendTooling, type MarkedBlank, markBlank } from '../bending/index.ts';
import { benderOf } from '../cage/index.ts';
import { NOTHING_MEASURED } from '../plan/index.ts';
import { expectValue } from '../fault/index.ts';

/** Rows of a bender: straight, rotation, angle, radius. mm, degrees */
export type Rows = { length: number; rotation: number; angle: number; clr: number }[];

/** The ends and PIs of a tube of these rows. mm */
export const pointsFrom = (bends: Rows, tail: number): [number, number, number][] =>
  expectValue(pointsOf({ bends, tail })).map((p): [number, number, number] => [...p]);

/** A blank marked for these rows: three degrees of springback on every bend, marks at the start, and no trim unless given. */
export const markedBlank = (
  rows: Rows,
  tail: number,
  { trim = [0, 0], ...tooling }: Partial<BendTooling> & { trim?: [number, number] } = {},
): MarkedBlank =>
  expectValue(
    markBlank(
      pointsFrom(rows, tail),
      rows.map(({ clr }) => ({
        clr,
        die: { reference: 'start', offset: 0 },
        springback: { model: 'constant', degrees: 3 },
        growRadius: false,
        clampSide: 'a',
        ...tooling,
      })),
      trim,
    ),
  );

/** A bender of which nothing was measured: the tube meets only its die and itself. */
export const UNMEASURED: Bender = benderOf(NOTHING_MEASURED);
