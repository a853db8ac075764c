import { type Plan } from '@gyrus/core';
import {
  IsBoolean,
  IsIn,
  IsObject,
  IsString,
  IsUUID,
  Matches,
  MaxLength,
  MinLength,
  ValidateIf,
} from 'class-validator';
import { MayBeLeftOut } from './checks.ts';

/** A variant of a job, by its name. */
export const BranchField = () =>
  Matches(/^[\w -]{1,60}$/, { message: 'a variant is named in 1 to 60 letters, digits, spaces or dashes' });

/** A new job; its first revision is an empty plan in these units. */
export class CreateJobDto {
  @IsString()
  @MinLength(1, { message: 'give the job a name' })
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  @Matches(/\S/, { message: 'give the job a name' })
  name!: string;

  @IsString()
  @MaxLength(120, { message: 'the car is named in 120 characters at most' })
  car!: string;

  @IsIn(['in', 'mm'], { message: 'inches or millimetres' })
  length!: 'in' | 'mm';
}

/** What may be changed of a job as a whole: its name, and whether it is put away. */
export class UpdateJobDto {
  @MayBeLeftOut()
  @IsString()
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  @Matches(/\S/, { message: 'give the job a name' })
  name?: string;

  @MayBeLeftOut()
  @IsBoolean({ message: 'put away or not: true or false' })
  archived?: boolean;
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

/** The variant that every job begins with. */
export const MAIN_BRANCH = 'main';

/** A photo that is kept with its job, as an answer of the plan names it. */
export interface PhotoKept {
  file: string;
  name: string;
}
