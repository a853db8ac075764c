import 'reflect-metadata';

export { MAIN_BRANCH, MOST_CHANGES, PAGES_HEADER, REVISION_PAGE } from './constants.ts';
export { BuildEntryDto, BuildQueryDto, type JobTime } from './build.ts';
export {
  BranchQueryDto,
  type Clash,
  CopyJobDto,
  CreateJobDto,
  type JobDetail,
  type JobSummary,
  type PhotoKept,
  type Revision,
  type RevisionSummary,
  RevisionsQueryDto,
  SaveRevisionDto,
  UpdateJobDto,
} from './jobs.ts';
export {
  type FloorState,
  type FloorTick,
  FloorTickDto,
  IssueDto,
  type IssuedSheet,
  type IssuedSummary,
  type SheetNews,
} from './floor.ts';
export { BendMeasureDto, type MadeBend, MadeBendDto, type Scrap, ScrapDto, SetAsideDto } from './log.ts';
export { AngleDto, LengthDto } from './quantities.ts';
export {
  BuildListQueryDto,
  CopesQueryDto,
  CutPlanQueryDto,
  HistoryQueryDto,
  InspectionQueryDto,
  MeasuringQueryDto,
  OutlineQueryDto,
  SheetQueryDto,
  TubesQueryDto,
} from './sheets.ts';
export { DieDto, MachineDto, TestBendDto, TubeStockDto } from './shop.ts';
export {
  ByWhomDto,
  CutPlanDto,
  type KeptCutPlan,
  type OnRack,
  RackTubesDto,
  SawnDto,
  StickDoneDto,
} from './stock.ts';
export { WeldProcedureDto, WeldSampleDto, WeldSetAsideDto } from './welding.ts';
export { type Device, type DeviceNews, DEVICES, type DeviceTrouble } from './devices.ts';
export { type ShopSettings, ShopSettingsDto } from './shopSettings.ts';
