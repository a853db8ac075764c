import { type FloorTick } from '@gyrus/contract';
import { wantedBend } from '@gyrus/core';
import { type MadeBendEntity } from '../log/madeBend.entity.ts';
import { type IssuedSheetEntity } from './issuedSheet.entity.ts';

/** The bend of a tick with a measure, as the log has it: what it was to be comes from the issued sheet. null for other ticks. */
export function madeBendOf(
  { id: issued, job, answers }: IssuedSheetEntity,
  { id, step, measured, who, at }: FloorTick,
): Omit<MadeBendEntity, 'createdAt'> | null {
  const number = Number(step.split('/')[0]);
  const bend = answers.sheet.bends.find((one) => one.number === number);
  if (!measured || !bend) return null;
  const { reading, released, place, turn, zeroed, slipped, note } = measured;
  return {
    ...wantedBend(answers.sheet, bend, answers.tube),
    ...{ id, job, issued, who, note, madeAt: new Date(at) },
    ...{ reading, released, place, turn, zeroed, slipped },
  };
}
