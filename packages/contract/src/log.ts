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
import { applyDecorators } from './decorators.ts';
import { AngleField, NoteField, OptionalAngleField, OptionalLengthField, PriceField } from './checks.ts';
import { AngleDto, LengthDto } from './quantities.ts';
import { TubeDto } from './shop.ts';

/** A moment, with its distance from Greenwich. */
export const MomentField = () =>
  applyDecorators(
    IsISO8601({ strict: true }, { message: MOMENT }),
    Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/, { message: MOMENT }),
  );

const MOMENT = 'a moment is written as 2027-03-01T10:30:00Z';

/** Who did it: a name that a device was told once. */
export const WhoField = (what: string) =>
  applyDecorators(
    IsString(),
    Matches(/\S/, { message: what }),
    MaxLength(120, { message: 'a name has 120 characters at most' }),
  );

/** A piece that was thrown away: why, and what was lost. mm */
export class ScrapDto {
  @IsUUID(undefined, { message: 'a piece is scrapped of a job' })
  job!: string;

  /** The issued sheet that it was bent by; null where it was bent by none. */
  @ValidateIf((_, value) => value !== null)
  @IsUUID(undefined, { message: 'name the issued sheet, or give null' })
  issued!: string | null;

  @IsString()
  @MaxLength(20)
  stamp!: string;

  @IsDefined({ message: 'give the tube' })
  @IsObject({ message: 'give the tube' })
  @ValidateNested()
  @Type(() => TubeDto)
  tube!: TubeDto;

  @IsString()
  @Matches(/\S/, { message: 'say why it is scrap' })
  @MaxLength(120, { message: 'a reason has 120 characters at most' })
  reason!: string;

  @OptionalLengthField('the tube that is lost', { above: 0 })
  length!: LengthDto | null;

  @PriceField('a cost')
  cost!: number | null;

  @WhoField('say who scrapped it')
  who!: string;

  @MomentField()
  at!: string;

  @NoteField()
  note!: string;
}

/** A scrapped piece of the log. */
export type Scrap = ScrapDto & { id: string };

/** A bend that is left out of springback, or taken in again: why, and by whom. */
export class SetAsideDto {
  @IsUUID(undefined, { message: 'a bend is set aside under an id of its own' })
  id!: string;

  @IsBoolean({ message: 'set aside or not: true or false' })
  aside!: boolean;

  @IsString()
  @MaxLength(400, { message: 'a reason has 400 characters at most' })
  why!: string;

  @WhoField('say who says so')
  who!: string;
}

/** What was read and measured when a bend was released. Degrees, mm */
export class BendMeasureDto {
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

  @NoteField()
  note!: string;
}

/** A bend as it was made and measured. Degrees, mm */
export class MadeBendDto extends BendMeasureDto {
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

  /** What the dial read before the pull; null for nothing. */
  @OptionalAngleField('what the dial read before the pull', { most: 180 })
  dialZero!: AngleDto | null;

  /** What it was to be turned by from the bend before; null for the first of a tube. */
  @OptionalAngleField('the turn wanted', { most: 180 })
  wantedTurn!: AngleDto | null;

  @WhoField('say who bent it')
  who!: string;

  @MomentField()
  at!: string;
}

/** A bend of the log: with its issued sheet, and whether it is left out of springback. */
export interface MadeBend extends MadeBendDto {
  id: string;
  issued: string | null;
  /** Why it is left out of springback, and who says so; null where it counts. */
  aside: { why: string; who: string } | null;
}
