import Papa from 'papaparse';

/** Rows under their heads. What somebody typed is never taken for a formula by a program that opens the file. */
export const csvOf = (fields: string[], data: (string | number)[][]): string =>
  `${Papa.unparse({ fields, data }, { newline: '\n', escapeFormulae: true })}\n`;
