export {
  type Aside,
  type Attachment,
  type CarSide,
  type MemberReference,
  type Station,
} from './members/attachment.ts';
export { type Brief, BUILT, JOINING, LANDINGS, USES } from './brief.ts';
export {
  type AngleKey,
  isAngleKey,
  isHalfWidth,
  otherSideOf,
  usualMeasure,
  type LengthKey,
  MEASURE_KEYS,
  type MeasureKey,
  type MeasureMeaning,
  MEASURES,
} from './measures.ts';
export { type Bar, BAR_ROLES, type BarRole, PAIRING, piecesOfBar } from './members/bar.ts';
export { type Part, PART_KINDS, type PartOf } from './members/part.ts';
export { type Gusset, type Plate } from './members/plate.ts';
export { type BarShape, type ShapeOf, STRAIGHT, type Via } from './members/shape.ts';
export { type HoopLeg, type HoopStation, type HoopWay, type HoopWayOf } from './members/hoopWay.ts';
export {
  type SampleBend,
  type TakeOff,
  type TakeOffHalf,
  type TakeOffRow,
  type BendTurn,
} from './members/takeOff.ts';
export { TOWARDS, type Towards } from './members/towards.ts';
export { type BuiltHoop, type MainHoop, mainHoopOf, type Member, type Role } from './members/member.ts';
export { type MemberPiece } from './members/memberFields.ts';
export { type Cockpit, USUAL_COCKPIT } from './cockpit.ts';
export { newOccupant, type Occupant } from './occupant.ts';
export { COPE_STATES, type CopeState, type CopeTick, type Coping, USUAL_COPING } from './coping.ts';
export { emptyPlan, newHoop } from './emptyPlan.ts';
export { type Plan, PLAN_FORMAT, PLAN_VERSION, planSchema, readPlan } from './plan.ts';
export {
  type JobFileHead,
  JOB_FILE_FORMAT,
  JOB_FILE_VERSION,
  jobFileSchema,
  readJobFileHead,
  withPhotoIds,
} from './jobFile.ts';
export { id, massField, note, stated, title, type Mass } from './quantities.ts';
export { type JobLimit, LIMITED, type LimitedFigure } from './limits.ts';
export { type BenderSetting, NOTHING_MEASURED } from './shop/benderSetting.ts';
export { EMPTY_SHOP, readShop, type Shop, SHOP_FORMAT, SHOP_VERSION, shopSchema } from './shop/shop.ts';
export {
  type Distrusted,
  DISTRUSTED,
  type FrontSection,
  type Measures,
  type Survey,
  ZONES,
} from './survey.ts';
export {
  type BendingChoice,
  type Die,
  type DieTest,
  SHEET_DATUMS,
  type SheetDatum,
  die as dieSchema,
  type SpringbackChoice,
  type TubeChoice,
} from './members/tooling.ts';
export { certificateOf, isSameTube, longestStick } from './stock.ts';
export { planReader, type ReadPlan } from './planReader.ts';
export { seatedDrivers } from './seatedDrivers.ts';
