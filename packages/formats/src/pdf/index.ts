export { bendSheetPdf, type SheetRequest } from './bendSheet.ts';
export { copePackPdf, type CopePackRequest } from './copeSheets.ts';
export { inspectionPdf, type InspectionRequest } from './inspection.ts';
export { packTemplates } from './templates.ts';
export { type Paper } from './page.ts';
export { outlinePdf, type OutlineRequest, tilesWithLines, tilingOf } from './outline.ts';
