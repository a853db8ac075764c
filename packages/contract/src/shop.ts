import {
  BENDER_KINDS,
  type BenderKind,
  type BenderSetting,
  type Die,
  type DieTest,
  MARK_REFERENCES,
  type MarkReference,
  type Swing,
  SWINGS,
  TUBE_KINDS,
  type TubeKind,
  type Wall,
} from '@gyrus/core';
import { Type } from 'class-transformer';
import { applyDecorators } from './decorators.ts';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsNumber,
  IsObject,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import {
  AngleField,
  CornerField,
  LengthField,
  LineField,
  MayBeLeftOut,
  NestedOrNullField,
  OptionalAngleField,
  OptionalLengthField,
  PriceField,
} from './checks.ts';
import { AngleDto, LengthDto } from './quantities.ts';

/** How far the walls stand from the die's centre; null where none is near. mm */
class WallsDto implements Record<Wall, LengthDto | null> {
  @OptionalLengthField('the distance to the wall ahead', { above: 0 })
  ahead!: LengthDto | null;

  @OptionalLengthField('the distance to the wall behind', { above: 0 })
  behind!: LengthDto | null;

  @OptionalLengthField('the distance to the wall at the left', { above: 0 })
  left!: LengthDto | null;

  @OptionalLengthField('the distance to the wall at the right', { above: 0 })
  right!: LengthDto | null;
}

/** Something solid beside the die, by two opposite corners [forward, left, up]. mm */
class FrameBoxDto implements Omit<BenderSetting['frame'][number], 'from' | 'to'> {
  @IsUUID(undefined, { message: 'a box has an id of its own' })
  id!: string;

  @IsString()
  @Matches(/\S/, { message: 'say what it is' })
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  name!: string;

  @CornerField('one corner')
  from!: [LengthDto, LengthDto, LengthDto];

  @CornerField('the corner across')
  to!: [LengthDto, LengthDto, LengthDto];
}

/** Where somebody stands, from under the die's centre. mm */
class FloorPlaceDto {
  @LengthField('how far forward the operator stands')
  forward!: LengthDto;

  @LengthField('how far to the left the operator stands')
  left!: LengthDto;
}

/** What a roller is measured by, and what it reaches. mm */
class RollerDto {
  @LengthField('the length that the rise is measured over', { above: 0 })
  gauge!: LengthDto;

  @LengthField('the straight that is left at each end', { least: 0 })
  lead!: LengthDto;

  @LengthField('the least radius', { above: 0 })
  leastRadius!: LengthDto;
}

/** A bender where it stands: how it bends, and what the tube could meet there. */
class BenderSettingDto implements BenderSetting {
  @IsIn(BENDER_KINDS, { message: 'say how the machine bends' })
  kind!: BenderKind;

  @IsIn(SWINGS, { message: 'the bent end goes left, right, up or down' })
  swing!: Swing;

  @OptionalLengthField("the height of the tube's axis over the floor", { above: 0 })
  height!: LengthDto | null;

  @IsDefined({ message: 'give the walls' })
  @ValidateNested()
  @Type(() => WallsDto)
  walls!: WallsDto;

  @IsArray({ message: 'give what stands round the die as a list' })
  @ArrayMaxSize(40, { message: 'forty boxes are enough' })
  @ValidateNested({ each: true })
  @Type(() => FrameBoxDto)
  frame!: FrameBoxDto[];

  @NestedOrNullField(() => FloorPlaceDto, 'say where the operator stands, or give null')
  operator!: FloorPlaceDto | null;

  @OptionalAngleField("the dial's step", { above: 0, most: 10 })
  dialStep!: AngleDto | null;

  @OptionalAngleField('what the dial reads before the pull', { most: 180 })
  dialZero!: AngleDto | null;

  @NestedOrNullField(() => RollerDto, "give the roller's figures, or null")
  roller!: RollerDto | null;
}

/** The tube that a bend of so many degrees was measured to use. */
class TubeUsedDto {
  @AngleField('the angle of the bend', { above: 0, most: 200 })
  angle!: AngleDto;

  @LengthField('the tube that it uses', { above: 0 })
  tube!: LengthDto;
}

/** A bending machine, as it is entered. */
export class MachineDto {
  @IsString()
  @Matches(/\S/, { message: 'give the machine a name' })
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  name!: string;

  @LineField('a note')
  note!: string;

  @NestedOrNullField(() => BenderSettingDto, 'give where the machine stands, or null')
  setting!: BenderSettingDto | null;
}

/** A die of a machine, as it is entered. Lengths in mm. */
export class DieDto implements Omit<Die, 'id' | 'machine' | 'tests' | 'dialStep' | 'dialZero'> {
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

  @IsArray({ message: 'give the tube used as a list' })
  @ArrayMaxSize(60, { message: 'sixty angles are enough' })
  @ValidateNested({ each: true })
  @Type(() => TubeUsedDto)
  takes!: TubeUsedDto[];
}

/** A test bend of a die: what was read and what was released. Degrees. */
export class TestBendDto implements Omit<DieTest, 'id' | 'made'> {
  @LengthField('the outside diameter of the tube', { above: 0 })
  od!: LengthDto;

  @LengthField('the wall of the tube', { above: 0 })
  wall!: LengthDto;

  @ValidateIf((_, value) => value !== null)
  @IsIn(TUBE_KINDS, { message: 'say how the tube was made, or give null' })
  kind!: TubeKind | null;

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

/** A tube by its size, how it was made, and its batch. mm */
export class TubeDto {
  @LengthField('the outside diameter', { above: 0 })
  od!: LengthDto;

  @LengthField('the wall', { above: 0 })
  wall!: LengthDto;

  @IsIn(TUBE_KINDS, { message: 'say how the tube was made' })
  kind!: TubeKind;

  @IsString()
  @MaxLength(120)
  batch!: string;
}

/** A strength as a certificate has it: megapascals count, typed is kept as written. */
class StrengthDto {
  @IsNumber({}, { message: 'give a strength, such as 540 MPa or 78 ksi' })
  @Min(100, { message: 'no tube is weaker than 100 MPa' })
  @Max(2500, { message: 'no tube is stronger than 2500 MPa' })
  mpa!: number;

  @IsString()
  @MaxLength(60)
  typed!: string;
}

const StrengthField = (what: string) =>
  applyDecorators(
    ValidateIf((_, value) => value !== null && value !== undefined),
    IsObject({ message: `give ${what} as one strength` }),
    ValidateNested(),
    Type(() => StrengthDto),
  );

/** A size of tube that the shop buys. */
export class TubeStockDto extends TubeDto {
  @MayBeLeftOut()
  @IsString()
  @MaxLength(120)
  certificate?: string;

  @MayBeLeftOut()
  @StrengthField('the tensile strength')
  tensile?: StrengthDto | null;

  @MayBeLeftOut()
  @StrengthField('the yield strength')
  yield?: StrengthDto | null;

  @MayBeLeftOut()
  @ValidateIf((_, value) => value !== null)
  @IsNumber({}, { message: 'the elongation is a number of percent' })
  @Min(0, { message: 'the elongation is 0 at least' })
  @Max(100, { message: 'the elongation is 100 percent at most' })
  elongation?: number | null;

  @LengthField('the length of a stick', { above: 0 })
  stickLength!: LengthDto;

  @MayBeLeftOut()
  @PriceField('a price')
  price?: number | null;
}
