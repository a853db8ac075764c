import { SHEET_DATUMS, type SheetDatum, type Unit } from '@gyrus/core';
import { IsIn, Matches } from 'class-validator';
import { IsUnit, MayBeLeftOut } from './checks.ts';
import { BranchField } from './jobs.ts';

type Paper = 'a4' | 'letter';
/** The edge of the tube that a template's line is of. */
type Curve = 'outer' | 'inner' | 'seating';

const IsPaper = () => IsIn(['a4', 'letter'] satisfies Paper[], { message: 'paper is a4 or letter' });
const IsCurve = () =>
  IsIn(['outer', 'inner', 'seating'] satisfies Curve[], { message: 'the line is outer, inner or seating' });
/** Whether templates carry the lines of two straight cuts besides. */
type Straight = 'yes' | 'no';
const IsStraight = () =>
  IsIn(['yes', 'no'] satisfies Straight[], { message: 'the straight cuts are drawn: yes or no' });
const IsEnd = () => IsIn(['a', 'b'], { message: 'the end is a or b' });
const IsPiece = () => Matches(/^[\w-]{1,64}$/, { message: 'say which tube' });

/** How a bend sheet is to be printed. */
export class SheetQueryDto {
  @IsPaper()
  paper!: Paper;

  @IsUnit()
  unit!: Unit;

  @IsIn(SHEET_DATUMS, { message: `the datum is one of ${SHEET_DATUMS.join(', ')}` })
  datum!: SheetDatum;

  /** The piece; the first one that has a sheet when left out. */
  @MayBeLeftOut()
  @IsPiece()
  piece?: string;
}

/** How the inspector's sheet is printed. */
export class InspectionQueryDto {
  /** Short: two pages, what is found and the tubes with their certificates. */
  @IsIn(['short', 'long'], { message: 'the form is short or long' })
  form: 'short' | 'long' = 'long';

  @IsPaper()
  paper: Paper = 'a4';

  @IsUnit()
  unit!: Unit;
}

/** How a job's history is printed. */
export class HistoryQueryDto {
  @IsPaper()
  paper: Paper = 'a4';

  @IsUnit()
  unit!: Unit;

  /** The variant; the main plan where it is left out. */
  @MayBeLeftOut()
  @BranchField()
  branch?: string;
}

/** On which paper a list is printed, and in which unit. */
class ListQueryDto {
  @IsPaper()
  paper: Paper = 'a4';

  @IsUnit()
  unit!: Unit;
}

/** How the order of build is printed. */
export class BuildListQueryDto extends ListQueryDto {}

/** How the list of what is still to be measured is printed. */
export class MeasuringQueryDto extends ListQueryDto {}

/** What is printed about the copes: sheets, templates or both; of all tubes, of one, or of one end. */
export class CopesQueryDto {
  @IsPaper()
  paper: Paper = 'a4';

  @IsUnit()
  unit!: Unit;

  @IsCurve()
  curve: Curve = 'seating';

  @IsStraight()
  straight: Straight = 'no';

  @IsIn(['sheets', 'templates', 'pack'], { message: 'print sheets, templates or the pack of both' })
  what: 'sheets' | 'templates' | 'pack' = 'pack';

  @MayBeLeftOut()
  @IsPiece()
  piece?: string;

  @MayBeLeftOut()
  @IsEnd()
  end?: 'a' | 'b';
}

/** What is printed of tubes: all bend sheets, or all there is of each tube; of all of them, or of one. */
export class TubesQueryDto extends ListQueryDto {
  @IsIn(['bends', 'all'], { message: 'print bends, the bend sheets, or all of each tube' })
  what: 'bends' | 'all' = 'all';

  @IsCurve()
  curve: Curve = 'seating';

  @MayBeLeftOut()
  @IsPiece()
  piece?: string;
}

/** What an outline on the floor is made with. */
export class OutlineQueryDto {
  @IsPiece()
  piece!: string;

  @IsPaper()
  paper: Paper = 'a4';

  /** The wrap template of this end instead of the tube's outline. */
  @MayBeLeftOut()
  @IsEnd()
  end?: 'a' | 'b';

  @IsCurve()
  curve: Curve = 'seating';

  @IsStraight()
  straight: Straight = 'no';
}

/** How a cut plan is printed. */
export class CutPlanQueryDto {
  @IsPaper()
  paper!: Paper;

  @IsUnit()
  unit!: Unit;
}
