import { fail, type Outcome, succeed } from '@gyrus/core';

/** How a file is read; a test has its own. */
export type ReadFile = (file: string) => Buffer;

/** A file, or standard input for "-", as UTF-8 text. */
export function readText(file: string, read: ReadFile): Outcome<string> {
  let bytes: Buffer;
  try {
    bytes = read(file);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return fail('cannot-read', '', `${file === '-' ? 'standard input' : file} cannot be read: ${why}`);
  }
  try {
    return succeed(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return fail('not-utf8', '', 'the input is not UTF-8 text: give one JSON object');
  }
}
