import { type CutPlan, type NotYet, type RackBends, type RackTube } from '@gyrus/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsInt,
  IsNumber,
  IsUUID,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { applyDecorators } from './decorators.ts';
import {
  LengthField,
  LineField,
  NestedOrNullField,
  NoteField,
  OptionalLengthField,
  PriceField,
} from './checks.ts';
import { BranchField } from './jobs.ts';
import { MomentField, WhoField } from './log.ts';
import { type LengthDto } from './quantities.ts';
import { TubeDto } from './shop.ts';

const Figure = (what: string, least: number, most: number) =>
  applyDecorators(
    IsNumber({}, { message: `${what} is a number` }),
    Min(least, { message: `${what} is ${least} at least` }),
    Max(most, { message: `${what} is ${most} at most` }),
  );

/** One bend of a piece on the rack. mm, degrees */
class RackBendDto {
  @Figure('the straight before a bend', 0, 100_000)
  length!: number;

  @Figure('a turn', -180, 180)
  rotation!: number;

  @Figure('an angle', 0.01, 180)
  angle!: number;

  @Figure('a radius', 0.01, 100_000)
  clr!: number;
}

/** The bends of a piece on the rack, A → B. mm, degrees */
class RackBendsDto implements RackBends {
  @IsArray({ message: 'give the bends as a list' })
  @ArrayMinSize(1, { message: 'a bent piece has a bend' })
  @ArrayMaxSize(40, { message: 'no piece has more than forty bends' })
  @ValidateNested({ each: true })
  @Type(() => RackBendDto)
  bends!: RackBendDto[];

  @Figure('the straight behind the last bend', 0, 100_000)
  tail!: number;
}

/** Pieces of tube that are alike, put on the rack: one for each id. mm */
export class RackTubesDto extends TubeDto {
  @IsArray({ message: 'give an id for each piece' })
  @ArrayMinSize(1, { message: 'put at least one piece on the rack' })
  @ArrayMaxSize(100, { message: 'a hundred pieces at once are enough' })
  @IsUUID(undefined, { each: true, message: 'each piece has an id of its own' })
  ids!: string[];

  @LengthField('the length', { above: 0 })
  length!: LengthDto;

  @IsBoolean({ message: 'a whole stick or not: true or false' })
  whole!: boolean;

  @PriceField('a price')
  price!: number | null;

  @LineField('a place')
  place!: string;

  @NoteField()
  note!: string;

  @NestedOrNullField(() => RackBendsDto, 'give the bends, or null for a straight piece')
  bends!: RackBendsDto | null;
}

/** A piece on the rack, and the cut plan that it is promised to. */
export interface OnRack extends RackTube {
  note: string;
  promised: { plan: string; jobs: string[]; who: string } | null;
}

/** A job whose tube is to be laid out, and the variant of its plan. */
class CutJobDto {
  @IsUUID(undefined, { message: 'name the job by its id' })
  id!: string;

  @BranchField()
  branch!: string;
}

/** What is to be laid out: the jobs' tube, what the saw takes, and how many of the pieces most often spoiled get a second blank. */
export class CutPlanDto {
  @IsUUID(undefined, { message: 'a cut plan has an id of its own' })
  id!: string;

  @IsArray({ message: 'name the jobs' })
  @ArrayMinSize(1, { message: 'name at least one job' })
  @ArrayMaxSize(20, { message: 'twenty jobs at once are enough' })
  @ArrayUnique(({ id }: CutJobDto) => id, { message: 'name each job once' })
  @ValidateNested({ each: true })
  @Type(() => CutJobDto)
  jobs!: CutJobDto[];

  @LengthField('what the saw takes', { least: 0 })
  kerf!: LengthDto;

  @IsBoolean({ message: 'a guide for the hole saw or none: true or false' })
  guided!: boolean;

  @IsInt({ message: 'how many spare blanks, a whole number' })
  @Min(0, { message: 'no fewer spare blanks than none' })
  @Max(20, { message: 'twenty spare blanks are enough' })
  spares!: number;

  @WhoField('say who lays it out')
  who!: string;
}

/** Somebody who promises sticks, or lets them go. */
export class ByWhomDto {
  @WhoField('say who does it')
  who!: string;
}

/** Something that was done to a stick of a plan, by its number through all groups, from 0. */
class OfStickDto extends ByWhomDto {
  @IsInt({ message: 'which stick, from 0' })
  @Min(0, { message: 'which stick, from 0' })
  @Max(10_000, { message: 'no plan has so many sticks' })
  stick!: number;

  @MomentField()
  at!: string;
}

/** A piece that was sawn off its stick, by its place in it, from 0. */
export class SawnDto extends OfStickDto {
  @IsInt({ message: 'which piece of the stick, from 0' })
  @Min(0, { message: 'which piece of the stick, from 0' })
  @Max(10_000, { message: 'no stick has so many pieces' })
  place!: number;
}

/** A stick that is done with: its offcut goes on the rack under this id, where anything worth keeping is left. */
export class StickDoneDto extends OfStickDto {
  @IsUUID(undefined, { message: 'the offcut has an id of its own' })
  id!: string;

  /** What was really left; null where it is thrown away. */
  @OptionalLengthField('the length of the offcut', { above: 0 })
  length!: LengthDto | null;

  @LineField('a place')
  place!: string;
}

/** A cut plan, and how far it is sawn. Sticks are numbered through all its groups, from 0. */
export interface KeptCutPlan {
  id: string;
  jobs: { id: string; branch: string; name: string; revision: number }[];
  kerf: LengthDto;
  guided: boolean;
  spares: number;
  who: string;
  at: string;
  plan: CutPlan;
  notYet: (NotYet & { job: string })[];
  /** Its sticks of the rack are promised to it. */
  promised: boolean;
  sawn: { stick: number; place: number; who: string; at: string }[];
  done: { stick: number; offcut: string | null; who: string; at: string }[];
}
