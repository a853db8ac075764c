import { Type } from 'class-transformer';
import {
  IsBoolean,
  IsDefined,
  IsInt,
  IsISO8601,
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
import { AngleField, OptionalAngleField, OptionalLengthField } from './checks.ts';
import { AngleDto, LengthDto } from './quantities.ts';
import { TubeDto } from './shop.ts';

/** Why a piece was thrown away, and what was lost. mm */
class ScrapDto {
  @IsString()
  @Matches(/\S/, { message: 'say why it is scrap' })
  @MaxLength(400, { message: 'a reason has 400 characters at most' })
  reason!: string;

  @OptionalLengthField('the tube that is lost', { above: 0 })
  length!: LengthDto | null;

  @IsString()
  @MaxLength(60, { message: 'a cost has 60 characters at most' })
  cost!: string;
}

/** A bend as it was made and measured. Degrees, mm */
export class MadeBendDto {
  @IsUUID(undefined, { message: 'a bend is made for a job' })
  job!: string;

  @IsString()
  @MaxLength(60)
  piece!: string;

  @IsString()
  @MaxLength(20)
  stamp!: string;

  @IsInt({ message: 'bends are numbered from 1' })
  @Min(1, { message: 'bends are numbered from 1' })
  @Max(99, { message: 'no tube has so many bends' })
  bend!: number;

  @IsString()
  @MaxLength(60)
  die!: string;

  @IsString()
  @MaxLength(120)
  dieName!: string;

  @IsString()
  @MaxLength(120)
  machine!: string;

  @IsDefined({ message: 'give the tube' })
  @IsObject({ message: 'give the tube' })
  @ValidateNested()
  @Type(() => TubeDto)
  tube!: TubeDto;

  @AngleField('the angle wanted', { above: 0, most: 180 })
  target!: AngleDto;

  @OptionalAngleField('the reading at full pull', { above: 0, most: 220 })
  reading!: AngleDto | null;

  @AngleField('the released angle', { above: 0, most: 180 })
  released!: AngleDto;

  @OptionalLengthField('how far it lies off its place')
  place!: LengthDto | null;

  @OptionalAngleField('the turn that it was made with', { most: 180 })
  turn!: AngleDto | null;

  @IsBoolean({ message: 'was the dial zeroed under preload: true or false' })
  zeroed!: boolean;

  @IsBoolean({ message: 'did the tube slip: true or false' })
  slipped!: boolean;

  @IsString()
  @Matches(/\S/, { message: 'say who bent it' })
  @MaxLength(120, { message: 'a name has 120 characters at most' })
  who!: string;

  @IsISO8601({ strict: true }, { message: 'a moment is written as 2027-03-01T10:30:00Z' })
  @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/, {
    message: 'a moment is written as 2027-03-01T10:30:00Z',
  })
  at!: string;

  @IsString()
  @MaxLength(4000, { message: 'a note has 4000 characters at most' })
  note!: string;

  @ValidateIf((_, value) => value !== null)
  @IsDefined({ message: 'say what is lost, or null' })
  @IsObject({ message: 'say what is lost, or null' })
  @ValidateNested()
  @Type(() => ScrapDto)
  scrap!: ScrapDto | null;
}

/** A bend of the log. */
export type MadeBend = MadeBendDto & { id: string };
