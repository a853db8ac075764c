export { bendSheetPdf, type SheetRequest } from './bendSheet.ts';
export { type Paper } from './page.ts';
export { outlinePdf, type OutlineRequest, tilingOf } from './outline.ts';
