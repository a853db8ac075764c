export { bendSheetPdf } from './bendSheet/bendSheet.ts';
export { type SheetRequest } from './bendSheet/sheetRequest.ts';
export { copePackPdf, type CopePackRequest } from './copeSheets.ts';
export {
  type InspectionForm,
  inspectionPdf,
  type InspectionRequest,
  type RevisionMade,
} from './inspection/index.ts';
export { buildListPdf, type BuildListRequest } from './buildList.ts';
export { historyPdf, type HistoryRequest } from './history.ts';
export { cutPlanPdf, type CutPlanRequest } from './cutPlan.ts';
export { packTemplates } from './templates.ts';
export { type Paper } from './page.ts';
export { outlinePdf, type OutlineRequest, tilesWithLines, tilingOf } from './outline.ts';
export { type MeasuringRequest, measuringPdf } from './measuring.ts';
