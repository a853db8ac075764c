import { type Plan } from '@gyrus/core';
import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
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
import { MOST_CHANGES } from './constants.ts';
import { LineField, MayBeLeftOut } from './checks.ts';
import { applyDecorators } from './decorators.ts';
import { WhoField } from './log.ts';

/** A variant of a job, by its name. */
export const BranchField = () =>
  Matches(/^[\w -]{1,60}$/, { message: 'a variant is named in 1 to 60 letters, digits, spaces or dashes' });

const JobNameField = () =>
  applyDecorators(
    IsString(),
    MinLength(1, { message: 'give the job a name' }),
    MaxLength(120, { message: 'a name has 120 characters at most' }),
    Matches(/\S/, { message: 'give the job a name' }),
  );

const CarField = () =>
  applyDecorators(IsString(), MaxLength(120, { message: 'the car is named in 120 characters at most' }));

/** A new job; its first revision is an empty plan in these units. */
export class CreateJobDto {
  @JobNameField()
  name!: string;

  @CarField()
  car!: string;

  @IsIn(['in', 'mm'], { message: 'inches or millimetres' })
  length!: 'in' | 'mm';
}

/** A new job that begins with the cage of another: the next car of the same model. */
export class CopyJobDto {
  @JobNameField()
  name!: string;

  @CarField()
  car!: string;

  @BranchField()
  branch!: string;
}

/** Who closes a job. */
class ClosedDto {
  @WhoField('say who closes it')
  by!: string;
}

/** What may be changed of a job as a whole: its name, whether it is put away, and whether it is closed. */
export class UpdateJobDto {
  @MayBeLeftOut()
  @LineField('a name')
  @Matches(/\S/, { message: 'give the job a name' })
  name?: string;

  @MayBeLeftOut()
  @IsBoolean({ message: 'put away or not: true or false' })
  archived?: boolean;

  /** Nothing in a closed job is changed any more; null opens it again. */
  @MayBeLeftOut()
  @ValidateIf((_, value) => value !== null && value !== undefined)
  @IsObject({ message: 'say who closes it, or give null' })
  @ValidateNested()
  @Type(() => ClosedDto)
  closed?: ClosedDto | null;
}

/** Which revisions are asked for: the newest before a number, of one variant or of all. */
export class RevisionsQueryDto {
  @MayBeLeftOut()
  @BranchField()
  branch?: string;

  @MayBeLeftOut()
  @Type(() => Number)
  @IsInt({ message: 'give the number of a revision, from 1 on' })
  @Min(1, { message: 'give the number of a revision, from 1 on' })
  @Max(2 ** 31 - 1, { message: 'give the number of a revision, from 1 on' })
  before?: number;
}

/** Saves a plan on top of the revision it started from. The id is the client's, so that a repeated save is one save. */
export class SaveRevisionDto {
  @IsUUID()
  id!: string;

  @ValidateIf((_, value) => value !== null)
  @IsUUID()
  parent!: string | null;

  @BranchField()
  branch!: string;

  @IsString()
  @MaxLength(120)
  author!: string;

  @IsString()
  @MaxLength(4000)
  note!: string;

  /** What this revision changed, in a few words, as whoever saved it read them. */
  @MayBeLeftOut()
  @IsString()
  @MaxLength(MOST_CHANGES, { message: `the changes are told in ${MOST_CHANGES} characters at most` })
  changes?: string;

  @IsObject({ message: 'give the plan' })
  plan!: object;
}

/** Which variant of a job is meant; the main one where it is left out. */
export class BranchQueryDto {
  @MayBeLeftOut()
  @BranchField()
  branch?: string;
}

/** A job in the list of jobs, by its newest revision. */
export interface JobSummary {
  id: string;
  name: string;
  car: string;
  series: string;
  archived: boolean;
  /** By whom and when it was closed; null while it is open. */
  closed: { by: string; at: string } | null;
  /** The job that it began as a copy of, with the revision; null where it began empty. */
  copiedFrom: { id: string; name: string; revision: number } | null;
  createdAt: string;
  updatedAt: string;
  revision: number;
}

/** A revision without its plan: number, variant, who and when. */
export interface RevisionSummary {
  id: string;
  number: number;
  parent: string | null;
  branch: string;
  author: string;
  note: string;
  /** What it changed, in a few words; empty where nobody said. */
  changes: string;
  createdAt: string;
}

/** A revision with its plan, as it was saved. */
export interface Revision extends RevisionSummary {
  plan: Plan;
}

/** A job with the newest revision of one of its variants. */
export interface JobDetail extends JobSummary {
  head: Revision;
}

/** The answer to a save that started from an older revision than the newest: nothing was lost, nothing written. */
export interface Clash {
  error: { code: 'clash'; message: string; path: string };
  head: Revision;
}

/** A photo that is kept with its job, as an answer of the plan names it. */
export interface PhotoKept {
  file: string;
  name: string;
}
