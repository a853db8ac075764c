import { SHEET_DATUMS, type SheetDatum } from '@gyrus/core';
import { IsIn, Matches } from 'class-validator';
import { MayBeLeftOut } from './checks.ts';

/** How a bend sheet is to be printed. */
export class SheetQueryDto {
  @IsIn(['a4', 'letter'], { message: 'paper is a4 or letter' })
  paper!: 'a4' | 'letter';

  @IsIn(['in', 'mm'], { message: 'units are in or mm' })
  unit!: 'in' | 'mm';

  @IsIn(SHEET_DATUMS, { message: `the datum is one of ${SHEET_DATUMS.join(', ')}` })
  datum!: SheetDatum;

  /** The piece; the first one that has a sheet when left out. */
  @MayBeLeftOut()
  @Matches(/^[\w-]{1,64}$/)
  piece?: string;
}

/** How the inspector's sheet is printed. */
export class InspectionQueryDto {
  /** Short: two pages, what is found and the tubes with their certificates. */
  @IsIn(['short', 'long'], { message: 'the form is short or long' })
  form: 'short' | 'long' = 'long';

  @IsIn(['a4', 'letter'], { message: 'paper is a4 or letter' })
  paper: 'a4' | 'letter' = 'a4';

  @IsIn(['in', 'mm'], { message: 'units are in or mm' })
  unit!: 'in' | 'mm';
}

/** What is printed about the copes: sheets, templates or both; of all tubes, of one, or of one end. */
export class CopesQueryDto {
  @IsIn(['a4', 'letter'], { message: 'paper is a4 or letter' })
  paper: 'a4' | 'letter' = 'a4';

  @IsIn(['in', 'mm'], { message: 'units are in or mm' })
  unit!: 'in' | 'mm';

  @IsIn(['outer', 'inner', 'seating'], { message: 'the line is outer, inner or seating' })
  curve: 'outer' | 'inner' | 'seating' = 'seating';

  @IsIn(['sheets', 'templates', 'pack'], { message: 'print sheets, templates or the pack of both' })
  what: 'sheets' | 'templates' | 'pack' = 'pack';

  @MayBeLeftOut()
  @Matches(/^[\w-]{1,64}$/, { message: 'say which tube' })
  piece?: string;

  @MayBeLeftOut()
  @IsIn(['a', 'b'], { message: 'the end is a or b' })
  end?: 'a' | 'b';
}

/** What an outline on the floor is made with. */
export class OutlineQueryDto {
  @Matches(/^[\w-]{1,64}$/, { message: 'say which tube' })
  piece!: string;

  @IsIn(['a4', 'letter'], { message: 'paper is "a4" or "letter"' })
  paper: 'a4' | 'letter' = 'a4';

  /** The wrap template of this end instead of the tube's outline. */
  @MayBeLeftOut()
  @IsIn(['a', 'b'], { message: 'the end is a or b' })
  end?: 'a' | 'b';

  @IsIn(['outer', 'inner', 'seating'], { message: 'the line is outer, inner or seating' })
  curve: 'outer' | 'inner' | 'seating' = 'seating';
}
