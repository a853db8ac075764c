import { type BendSheet } from '../cage/index.ts';
import { type Angle } from '../measure/index.ts';
import { type RackBends, spoiledPiece } from '../stock/index.ts';
import { type TickedStep } from './steps.ts';

/** A step that was ticked at the bender, with what its bend has where it was measured. */
interface TickedPull extends TickedStep {
  measured: { released: Angle } | null;
}

/** A blank as it is by the steps that were ticked at the bender: a pull that was made and not measured counts as planned. */
export function spoiledAsTicked(sheet: BendSheet, ticks: readonly TickedPull[]): RackBends | null {
  const ofBend = (bend: number) =>
    ticks.filter(({ step }) =>
      ['pull', 'release', 'roll', 'rise'].some((kind) => step === `${bend}/${kind}`),
    );
  const made = sheet.steps.filter(({ bend }) => ofBend(bend).length > 0);
  const last = made.at(-1);
  const measured = last
    ? ofBend(last.bend).reduce<TickedPull | null>(
        (latest, one) => (one.measured && one.time >= (latest?.time ?? 0) ? one : latest),
        null,
      )
    : null;
  return spoiledPiece(sheet, made.length, measured?.measured?.released.deg ?? null);
}
