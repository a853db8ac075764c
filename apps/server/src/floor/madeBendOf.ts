import { type FloorTick } from '@gyrus/contract';
import { inDegrees } from '@gyrus/core';
import { type MadeBendEntity } from '../log/madeBend.entity.ts';
import { type IssuedSheetEntity } from './issuedSheet.entity.ts';

/** The bend of a tick with a measure, as the log has it: what it was to be comes from the issued sheet. null for other ticks. */
export function madeBendOf(
  { id: issued, job, piece, stamp, answers }: IssuedSheetEntity,
  { id, step, measured, who, at }: FloorTick,
): Omit<MadeBendEntity, 'createdAt'> | null {
  const number = Number(step.split('/')[0]);
  const bend = answers.sheet.bends.find((one) => one.number === number);
  if (!measured || !bend) return null;
  const { od, wall, kind, batch } = answers.tube;
  const { reading, released, place, turn, zeroed, slipped, note } = measured;
  return {
    ...{ id, job, piece, stamp, issued, bend: number, who, note, madeAt: new Date(at) },
    ...{ die: bend.die.id, dieName: bend.die.name, machine: bend.die.machine },
    tube: {
      od: { mm: od.mm, typed: od.typed },
      wall: { mm: wall.mm, typed: wall.typed },
      kind,
      batch,
    },
    target: inDegrees(Math.round(bend.angle * 1000) / 1000),
    dialZero: bend.die.dialZero,
    wantedTurn: bend === answers.sheet.bends[0] ? null : inDegrees(Math.round(bend.rotation * 1000) / 1000),
    ...{ reading, released, place, turn, zeroed, slipped },
  };
}
