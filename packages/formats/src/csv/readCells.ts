import {
  fail,
  inCar,
  INCHES,
  type Length,
  MILLIMETRES,
  type Outcome,
  parseLength,
  under,
  type Unit,
} from '@gyrus/core';
import Papa from 'papaparse';

/** The cells of a table that was typed, pasted or read from a file: commas, semicolons or tabs. */
export function readCells(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  return data.map((row) => row.map((cell) => cell.trim()));
}

/** A length of a list, as long as a car can have one. */
export function lengthIn(text: string, unit: Unit): Outcome<Length> {
  if (text === '') return fail('empty', '', 'a figure is missing');
  const read = parseLength(text, unit);
  return read.ok ? inCar(read.value, unit === 'in' ? INCHES : MILLIMETRES) : read;
}

/** A fault says in which row, counted as people do. */
export function inRow<T>(row: number, read: () => Outcome<T>): Outcome<T> {
  const outcome = read();
  return outcome.ok
    ? outcome
    : under(`/${row}`, {
        ok: false,
        fault: { ...outcome.fault, message: `row ${row + 1}: ${outcome.fault.message}` },
      });
}
