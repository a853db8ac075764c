export { bendSheetPdf, type SheetRequest } from './bendSheet.ts';
export { type Paper } from './page.ts';
export { outlinePdf, type OutlineRequest, tilesWithLines, tilingOf } from './outline.ts';
