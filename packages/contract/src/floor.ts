import { type FloorStep, type IssuedAnswers, type SheetChange } from '@gyrus/core';
import { IsBoolean, IsInt, IsString, IsUUID, Matches, Max, MaxLength, Min } from 'class-validator';
import { NestedOrNullField } from './checks.ts';
import { BendMeasureDto, MomentField, type Scrap, WhoField } from './log.ts';

/** A sheet that is to go to the floor: one tube of a saved revision. The id is the page's: sent twice it is one sheet. */
export class IssueDto {
  @IsUUID()
  id!: string;

  @IsInt({ message: 'a revision is numbered from 1' })
  @Min(1, { message: 'a revision is numbered from 1' })
  @Max(1e9, { message: 'no job has so many revisions' })
  revision!: number;

  @IsString()
  @Matches(/\S/, { message: 'say which tube' })
  @MaxLength(60)
  piece!: string;

  @WhoField('say who issues it')
  by!: string;
}

/** An issued sheet in a list. */
export interface IssuedSummary {
  id: string;
  job: string;
  jobName: string;
  branch: string;
  revision: number;
  piece: string;
  stamp: string;
  by: string;
  at: string;
  /** It is done: every step is ticked, or the piece is scrap. */
  state: 'new' | 'begun' | 'done' | 'scrap';
}

/** A sheet as it was issued, for good: what was worked out, and by what. */
export interface IssuedSheet extends Omit<IssuedSummary, 'state'> {
  answers: IssuedAnswers;
  books: { id: string; title: string; edition: string }[];
  program: string;
}

/** A step that was ticked on a device. */
export class FloorTickDto {
  /** Of the sheet's steps: `mark`, `2/pull`. */
  @Matches(/^(mark|\d{1,2}\/[a-z]{2,10})$/, { message: 'a step is named as mark or 2/pull' })
  step!: FloorStep['key'];

  @IsInt({ message: 'which time it is done, from 1' })
  @Min(1, { message: 'which time it is done, from 1' })
  @Max(99, { message: 'no bend is pulled so often' })
  time!: number;

  @IsBoolean({ message: 'pulled again or not: true or false' })
  again!: boolean;

  @IsUUID(undefined, { message: 'a device has an id of its own' })
  device!: string;

  @WhoField('say who did it')
  who!: string;

  @MomentField()
  at!: string;

  @NestedOrNullField(() => BendMeasureDto, 'give what was measured, or null')
  measured!: BendMeasureDto | null;
}

/** A tick as the server keeps it. */
export type FloorTick = FloorTickDto & { id: string };

/** Where the work on an issued sheet stands, and the newest revision of its plan. */
export interface FloorState {
  revision: number;
  ticks: FloorTick[];
  scrap: Scrap | null;
}

/** What is otherwise today than on an issued sheet. */
export interface SheetNews {
  revision: number;
  changes: SheetChange[];
}
