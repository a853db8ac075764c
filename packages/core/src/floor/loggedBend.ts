import { type BendSheet, type SheetBend } from '../cage/index.ts';
import { turnOf } from './afterBend.ts';
import { type Angle, inDegrees } from '../measure/index.ts';
import { type TubeChoice } from '../plan/index.ts';

/** A tube as the log has it: without what is known of its figures, as that is of the plan. mm */
export const loggedTube = ({ od, wall, kind, batch }: TubeChoice): TubeChoice => ({
  od: { mm: od.mm, typed: od.typed },
  wall: { mm: wall.mm, typed: wall.typed },
  kind,
  batch,
});

/** What a bend of the log is of, and what it was to be. Degrees */
export interface WantedBend {
  piece: string;
  stamp: string;
  bend: number;
  die: string;
  dieName: string;
  machine: string;
  tube: TubeChoice;
  target: Angle;
  /** What the dial reads before the pull; null for nothing. */
  dialZero: Angle | null;
  /** From the bend pulled before it, seen A → B; null for the first that is pulled. */
  wantedTurn: Angle | null;
}

/** A bend of a sheet as the log has it, before anything of it is measured. */
export function wantedBend(sheet: BendSheet, bend: SheetBend, tube: TubeChoice): WantedBend {
  const { isFirst, turn } = turnOf(sheet, bend);
  return {
    piece: sheet.piece,
    stamp: sheet.stamp,
    bend: bend.number,
    die: bend.die.id,
    dieName: bend.die.name,
    machine: bend.die.machine,
    tube: loggedTube(tube),
    target: thousandth(bend.angle),
    dialZero: bend.die.dialZero,
    wantedTurn: isFirst ? null : thousandth(turn),
  };
}

const thousandth = (degrees: number): Angle => inDegrees(Math.round(degrees * 1000) / 1000);
