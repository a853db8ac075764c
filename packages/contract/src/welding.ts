import { WELD_POSITIONS, WELD_PROCESSES, type WeldPosition, type WeldProcess } from '@gyrus/core';
import {
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsUUID,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { LengthField, LineField, NestedOrNullField, NoteField } from './checks.ts';
import { applyDecorators } from './decorators.ts';
import { MomentField, WhoField } from './log.ts';
import { type LengthDto } from './quantities.ts';

const Current = () =>
  applyDecorators(
    IsNumber({}, { message: 'amperes are a number' }),
    Min(1, { message: 'at least one ampere' }),
    Max(1000, { message: 'at most 1000 amperes' }),
  );

/** The current that a procedure is welded with, from and to. Amperes */
class AmperesDto {
  @Current()
  least!: number;

  @Current()
  most!: number;
}

const PositionField = (each: boolean) =>
  IsIn(WELD_POSITIONS, { each, message: 'a weld lies flat, horizontal, vertical or overhead' });

/** A procedure that seams are welded by, as it is entered. The id is the page's. */
export class WeldProcedureDto {
  @IsUUID(undefined, { message: 'a procedure has an id of its own' })
  id!: string;

  @LineField('a name')
  @Matches(/\S/, { message: 'give the procedure a name' })
  name!: string;

  @LengthField('the wall of the tube', { above: 0 })
  wall!: LengthDto;

  @IsArray({ message: 'say which positions it is for' })
  @ArrayMinSize(1, { message: 'say which positions it is for' })
  @ArrayUnique({ message: 'name each position once' })
  @PositionField(true)
  positions!: WeldPosition[];

  @IsIn(WELD_PROCESSES, { message: 'choose the process' })
  process!: WeldProcess;

  @LineField('the filler')
  @Matches(/\S/, { message: 'say which rod or wire, and how thick; or none' })
  filler!: string;

  @NestedOrNullField(() => AmperesDto, 'give the amperes, or null for a flame')
  amperes!: AmperesDto | null;

  @LineField('the gas')
  gas!: string;

  @LineField('the preheat')
  preheat!: string;

  // What is checked last is told first.
  @Max(20, { message: 'twenty passes are enough' })
  @Min(1, { message: 'a seam has one pass at least' })
  @IsInt({ message: 'how many passes, a whole number' })
  passes!: number;

  @WhoField('say who wrote it')
  who!: string;

  @MomentField()
  at!: string;
}

/** A sample of a procedure that was cut open, as it is entered. The id is the page's. */
export class WeldSampleDto {
  @IsUUID(undefined, { message: 'a sample has an id of its own' })
  id!: string;

  @PositionField(false)
  position!: WeldPosition;

  @WhoField('say who welded it')
  who!: string;

  @MomentField()
  at!: string;

  @IsBoolean({ message: 'sound or not: true or false' })
  sound!: boolean;

  @NoteField()
  note!: string;
}

/** Whether seams are welded by a procedure any more. */
export class WeldSetAsideDto {
  @IsBoolean({ message: 'set aside or not: true or false' })
  setAside!: boolean;
}
