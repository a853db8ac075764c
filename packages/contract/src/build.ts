import { type BuildEntry, STEP_KINDS, type StepKind } from '@gyrus/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import {
  MayBeLeftOut,
  NestedOrNullField,
  NoteField,
  OptionalAngleField,
  OptionalLengthField,
} from './checks.ts';
import { applyDecorators } from './decorators.ts';
import { BranchField } from './jobs.ts';
import { MomentField, WhoField } from './log.ts';
import { type AngleDto, type LengthDto } from './quantities.ts';

/** What a step was, how much of it, and how long it took. */
class TookDto {
  @IsIn(STEP_KINDS, { message: 'name the kind of step' })
  kind!: StepKind;

  @IsNumber({}, { message: 'how much of it there was is a number' })
  @Min(0, { message: 'how much of it there was is not less than nothing' })
  @Max(100_000, { message: 'how much of it there was is a number of tubes, or of 100 mm of seam' })
  size!: number;

  @ValidateIf((_, value) => value !== null)
  @IsNumber({}, { message: 'the minutes are a number' })
  @Min(0, { message: 'a step takes no less than nothing' })
  @Max(10_000, { message: 'a step takes 10000 minutes at most' })
  minutes!: number | null;
}

/** A figure that was taped. */
class ReadingDto {
  @IsString()
  @MinLength(1)
  @MaxLength(400)
  what!: string;

  @OptionalLengthField('what was taped', { least: -20_000 })
  taped!: LengthDto | null;

  @OptionalAngleField('the angle that was measured', { most: 180 })
  turned!: AngleDto | null;
}

class StepPhotoDto {
  @Matches(/^[\w-]{1,64}$/, { message: 'a photo is named by its file' })
  file!: string;

  @IsString()
  @MaxLength(120)
  name!: string;
}

const TicksField = () =>
  applyDecorators(
    IsArray({ message: 'say what it is about' }),
    ArrayMinSize(1, { message: 'say what it is about' }),
    ArrayMaxSize(400, { message: 'no step is about so much' }),
    IsString({ each: true }),
    Matches(/^[^\0]{1,160}$/u, { each: true, message: 'a thing of a step is named in 160 letters at most' }),
  );

/** What was done at the car: a step done or taken back, or a note. The id is the page's: sent twice it is one entry. */
export class BuildEntryDto implements BuildEntry {
  @IsUUID(undefined, { message: 'an entry has an id of its own' })
  id!: string;

  @BranchField()
  branch!: string;

  @IsIn(['done', 'undone', 'note'], { message: 'an entry is done, undone or a note' })
  kind!: 'done' | 'undone' | 'note';

  @TicksField()
  ticks!: string[];

  @WhoField('say who did it')
  who!: string;

  @MomentField()
  at!: string;

  @IsString()
  @MaxLength(400, { message: 'a step is named in 400 letters at most' })
  title!: string;

  @NestedOrNullField(() => TookDto, 'say what the step was, or give null')
  took!: TookDto | null;

  @IsArray({ message: 'give the taped figures as a list' })
  @ArrayMaxSize(200, { message: 'two hundred figures at once are enough' })
  @ValidateNested({ each: true })
  @Type(() => ReadingDto)
  readings!: ReadingDto[];

  @NoteField()
  note!: string;

  @IsArray({ message: 'give the photos as a list' })
  @ArrayMaxSize(12, { message: 'twelve photos at a step are enough' })
  @ValidateNested({ each: true })
  @Type(() => StepPhotoDto)
  photos!: StepPhotoDto[];

  /** Of a seam welded: the procedure that it was welded by. */
  @ValidateIf((_, value) => value !== null)
  @IsUUID(undefined, { message: 'a procedure is named by its id' })
  procedure!: string | null;
}

/** How long the steps of a job took, of those with minutes. */
export interface JobTime {
  job: string;
  minutes: number;
  steps: number;
}

/** The variant whose build is asked for. */
export class BuildQueryDto {
  @MayBeLeftOut()
  @BranchField()
  branch?: string;
}
