import { type Correction, correctionOf } from '../bending/index.ts';
import { type BendSheet, type SheetBend } from '../cage/index.ts';
import { type Outcome } from '../fault/index.ts';
import { type TickedStep } from './steps.ts';

/** What was read and measured when a bend was released. Degrees; place in mm toward end B. */
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

/** What is to be done after a bend of a sheet was released and measured. protractor: what it is trusted to. Degrees */
export function afterBend(
  sheet: BendSheet,
  bend: SheetBend,
  { reading, released, place, turn, ...said }: ReleasedBend,
  protractor: number,
): Outcome<Correction> {
  const rolled = new Set(sheet.bends.filter(({ school }) => school === 'rolled').map(({ number }) => number));
  const order = sheet.steps.map((step) => step.bend).filter((number) => !rolled.has(number));
  return correctionOf(
    sheet.marked,
    {
      bend: bend.number,
      angle: released.deg,
      reading: isTrusted(said) && reading ? reading.deg : null,
      ...(place && { mark: place.mm }),
      ...(turn && { rotation: turn.deg }),
    },
    order.slice(order.indexOf(bend.number) + 1),
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
