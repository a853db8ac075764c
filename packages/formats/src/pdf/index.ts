export { bendSheetPdf, type SheetRequest } from './bendSheet.ts';
export { type Paper } from './page.ts';
