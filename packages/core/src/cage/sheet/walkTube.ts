import { type Bender, type Turn, type WalkTube } from '../../bending/index.ts';
import { type BenderSetting, NOTHING_MEASURED, type Shop } from '../../plan/index.ts';
import { type BendSheet } from './bendSheet.ts';

/** A tube that can be walked through its bends, the machine that it is bent on, and the order of its sheet. */
export interface WalkAsked {
  tube: WalkTube;
  bender: Bender;
  order: Turn[];
}

/** Why a tube is not walked through: it is straight; an arc of it is rolled; its dies are on more than one machine. */
export type NoWalk = 'straight' | 'rolled' | 'two-machines';

/** What walking a sheet's tube through takes. mm; a machine that the shop has not measured meets only die and tube. */
export function walkAsked(sheet: BendSheet, shop: Pick<Shop, 'machines'>): WalkAsked | NoWalk {
  if (sheet.bends.length === 0) return 'straight';
  if (sheet.bends.some(({ school }) => school === 'rolled')) return 'rolled';
  const machines = new Set(sheet.bends.map(({ die }) => machineOf(die.id, shop)));
  const [machine] = machines;
  if (machines.size > 1) return 'two-machines';
  return {
    tube: {
      od: sheet.od,
      blank: sheet.blank,
      bends: sheet.bends.map(({ number, tangentA, tangentB, clock, angle, reading, die }) => ({
        number,
        tangentA,
        tangentB,
        clock,
        angle,
        reading,
        clampLength: die.clampLength.mm,
        trailing: die.trailing.mm,
      })),
    },
    bender: benderOf(machine?.setting ?? NOTHING_MEASURED),
    order: sheet.steps.flatMap((step) =>
      sheet.bends.flatMap(({ number, clampSide }) =>
        number === step.bend ? [{ bend: number, clamp: clampSide }] : [],
      ),
    ),
  };
}

/** The machine of the shop that has this die; undefined where none has it any more. */
export const machineOf = (die: string, { machines }: Pick<Shop, 'machines'>) =>
  machines.find(({ dies }) => dies.some(({ id }) => id === die));

/** A bender in plain millimetres. */
export function benderOf({ kind, swing, height, walls, frame, operator }: BenderSetting): Bender {
  const mm = (length: { mm: number } | null) => length?.mm ?? null;
  const corner = ([x, y, z]: BenderSetting['frame'][number]['from']) => [x.mm, y.mm, z.mm] as const;
  return {
    kind,
    swing,
    height: mm(height),
    walls: {
      ahead: mm(walls.ahead),
      behind: mm(walls.behind),
      left: mm(walls.left),
      right: mm(walls.right),
    },
    frame: frame.map(({ name, from, to }) => ({ name, from: corner(from), to: corner(to) })),
    operator: operator && [operator.forward.mm, operator.left.mm],
  };
}
