import { LARGEST } from '@gyrus/core';
import { IsNumber, IsString, Max, MaxLength, Min } from 'class-validator';

const finite = { allowNaN: false, allowInfinity: false };

/** A length as in every document: millimetres that count, and what was typed. */
export class LengthDto {
  @IsNumber(finite, { message: 'give a length, such as 41 1/4 or 1048 mm' })
  @Min(-LARGEST, { message: 'no length here is below −100 m' })
  @Max(LARGEST, { message: 'no length here is above 100 m' })
  mm!: number;

  @IsString()
  @MaxLength(60)
  typed!: string;
}

/** An angle as in every document: degrees that count, and what was typed. */
export class AngleDto {
  @IsNumber(finite, { message: 'give an angle in degrees' })
  @Min(-360)
  @Max(360)
  deg!: number;

  @IsString()
  @MaxLength(60)
  typed!: string;
}
