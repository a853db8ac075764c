import {
  type Die,
  type DieTest,
  MARK_REFERENCES,
  type MarkReference,
  TUBE_KINDS,
  type TubeKind,
} from '@gyrus/core';
import { IsBoolean, IsIn, IsString, Matches, MaxLength } from 'class-validator';
import { AngleField, LengthField, MayBeLeftOut, OptionalAngleField, OptionalLengthField } from './checks.ts';
import { AngleDto, LengthDto } from './quantities.ts';

/** A bending machine, as it is entered. */
export class MachineDto {
  @IsString()
  @Matches(/\S/, { message: 'give the machine a name' })
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  name!: string;

  @IsString()
  @MaxLength(120, { message: 'a note has 120 characters at most' })
  note!: string;
}

/** A die of a machine, as it is entered. Lengths in mm. */
export class DieDto implements Omit<Die, 'id' | 'machine' | 'tests'> {
  @IsString()
  @Matches(/\S/, { message: 'give the die a name' })
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  name!: string;

  @LengthField('the tube diameter the die takes', { above: 0 })
  od!: LengthDto;

  @LengthField('the centreline radius', { above: 0 })
  clr!: LengthDto;

  @IsIn(MARK_REFERENCES, { message: "the mark stands for the bend's start, centre or end" })
  reference!: MarkReference;

  @LengthField('the offset of the mark, 0 for none')
  offset!: LengthDto;

  @LengthField('the straight that the clamp needs', { least: 0 })
  clampLength!: LengthDto;

  @LengthField('the straight needed behind the bend', { least: 0 })
  trailing!: LengthDto;

  @OptionalAngleField('the largest angle in one pull', { above: 0, most: 200 })
  largestAngle!: AngleDto | null;

  @OptionalLengthField('the measured finished radius', { above: 0 })
  finishedRadius!: LengthDto | null;
}

/** A test bend of a die: what was read and what was released. Degrees. */
export class TestBendDto implements Omit<DieTest, 'id'> {
  @LengthField('the outside diameter of the tube', { above: 0 })
  od!: LengthDto;

  @LengthField('the wall of the tube', { above: 0 })
  wall!: LengthDto;

  @IsString()
  @MaxLength(120)
  batch!: string;

  @AngleField('the reading at full pull', { above: 0, most: 200 })
  reading!: AngleDto;

  @AngleField('the released angle', { above: 0, most: 200 })
  released!: AngleDto;

  @IsBoolean()
  sound!: boolean;

  @IsString()
  @MaxLength(4000)
  note!: string;
}

/** A size of tube that the shop buys. */
export class TubeStockDto {
  @LengthField('the outside diameter', { above: 0 })
  od!: LengthDto;

  @LengthField('the wall', { above: 0 })
  wall!: LengthDto;

  @IsIn(TUBE_KINDS, { message: 'say how the tube was made' })
  kind!: TubeKind;

  @IsString()
  @MaxLength(120)
  batch!: string;

  @MayBeLeftOut()
  @IsString()
  @MaxLength(120)
  certificate?: string;

  @LengthField('the length of a stick', { above: 0 })
  stickLength!: LengthDto;
}
