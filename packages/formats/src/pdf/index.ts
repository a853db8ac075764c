export { bendSheetPdf } from './tubes/bend/bendSheet.ts';
export { type SheetRequest } from './tubes/bend/sheetRequest.ts';
export { type TubePart, tubePackPdf, type TubePackRequest } from './tubes/tubePack.ts';
export {
  type InspectionForm,
  inspectionPdf,
  type InspectionRequest,
  type RevisionMade,
} from './inspection/index.ts';
export { buildListPdf, type BuildListRequest } from './buildList.ts';
export { historyPdf, type HistoryRequest } from './history.ts';
export { cutPlanPdf, type CutPlanRequest } from './cutPlan.ts';
export { packTemplates } from './tubes/templates.ts';
export { type Paper } from './page.ts';
export { outlinePdf, type OutlineRequest, tilesWithLines, tilingOf } from './outline.ts';
export { type MeasuringRequest, measuringPdf } from './measuring.ts';
export { pagesOf } from './page.ts';
