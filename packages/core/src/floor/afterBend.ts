import { type PulledOtherwise, type Correction, correctionOf } from '../bending/index.ts';
import { type BendSheet, type SheetBend } from '../cage/index.ts';
import { type Outcome } from '../fault/index.ts';
import { halfTurned } from '../measure/index.ts';
import { type TickedStep } from './steps.ts';

/** What was read and measured when a bend was released. Degrees; place in mm toward end B; turn from the bend pulled before it, seen A → B. */
export interface ReleasedBend {
  reading: { deg: number } | null;
  released: { deg: number };
  place: { mm: number } | null;
  turn: { deg: number } | null;
  zeroed: boolean;
  slipped: boolean;
}

/** A reading tells something only of a dial that was zeroed and a tube that did not slip. */
export const isTrusted = ({ zeroed, slipped }: Pick<ReleasedBend, 'zeroed' | 'slipped'>): boolean =>
  zeroed && !slipped;

/** How far the tube is turned for a bend, from the one pulled before it; the first has nothing to be turned from. Degrees, seen A → B */
export function turnOf({ steps }: BendSheet, { number }: SheetBend): { isFirst: boolean; turn: number } {
  const at = steps.findIndex((step) => step.bend === number);
  return { isFirst: at <= 0, turn: steps[at]?.turn ?? 0 };
}

/** The bends of a sheet that are pulled after one of it, in their order; a rolled arc is none of them. */
export function toCome(sheet: BendSheet, { number }: SheetBend): number[] {
  const rolled = new Set(sheet.bends.filter(({ school }) => school === 'rolled').map((bend) => bend.number));
  const order = sheet.steps.map((step) => step.bend).filter((bend) => !rolled.has(bend));
  return order.slice(order.indexOf(number) + 1);
}

/** How a bend came out against its sheet, by what was measured of it. */
export const pulledAs = (
  sheet: BendSheet,
  bend: SheetBend,
  { released, place, turn }: Pick<ReleasedBend, 'released' | 'place' | 'turn'>,
): PulledOtherwise => ({
  angle: released.deg,
  ...(place && { mark: place.mm }),
  ...(turn && { turned: halfTurned(turn.deg - turnOf(sheet, bend).turn) }),
});

/** What is to be done after a bend of a sheet was released and measured. protractor: what it is trusted to. Degrees */
export function afterBend(
  sheet: BendSheet,
  bend: SheetBend,
  measured: ReleasedBend,
  protractor: number,
): Outcome<Correction> {
  const { reading } = measured;
  return correctionOf(
    sheet.marked,
    {
      ...pulledAs(sheet, bend, measured),
      bend: bend.number,
      angle: measured.released.deg,
      reading: isTrusted(measured) && reading ? reading.deg : null,
    },
    toCome(sheet, bend),
    {
      slope: 1 / bend.pull.growth,
      step: bend.die.dialStep?.deg ?? null,
      zero: bend.die.dialZero?.deg ?? 0,
      error: protractor,
    },
  );
}

/** What a pull goes to by the dial; where the last reading says nothing, how much farther than it. Degrees */
export type PullTarget = { kind: 'dial'; to: number; next: number | null } | { kind: 'more'; more: number };

/** What to pull to: by the sheet the first time, and after a bend that fell short by what was measured of it. */
export function pullTarget(
  sheet: BendSheet,
  bend: SheetBend,
  time: number,
  ticks: readonly (TickedStep & { measured: ReleasedBend | null })[],
  protractor: number,
): PullTarget {
  const bySheet: PullTarget = { kind: 'dial', to: bend.dial.to, next: bend.dial.next };
  const last = ticks.find((tick) => tick.step === `${bend.number}/release` && tick.time === time - 1);
  if (!last?.measured) return bySheet;
  const correction = afterBend(sheet, bend, last.measured, protractor);
  const pull = correction.ok ? correction.value.pull : null;
  if (!pull) return bySheet;
  return pull.dial
    ? { kind: 'dial', to: pull.dial.to, next: pull.dial.next }
    : { kind: 'more', more: pull.more };
}
