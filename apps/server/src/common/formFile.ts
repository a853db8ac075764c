import { type Response } from 'express';
import { Refusal } from './fault.ts';

/** A file as a form sends it. */
export interface FormFile {
  originalname: string;
  buffer: Buffer;
}

/** The file of a form's field, by its own name; refused where none was sent. what: as in "give the photo" */
export function fileIn(
  field: string,
  file: FormFile | undefined,
  what: string,
): { name: string; bytes: Buffer } {
  if (!file) throw new Refusal({ code: 'missing', message: `missing: give ${what}`, path: `/${field}` });
  // A form sends the bytes of a name, which the parser takes for Latin-1.
  return { name: Buffer.from(file.originalname, 'latin1').toString('utf8'), bytes: file.buffer };
}

/** An answer that a browser shows as what it is, and as nothing else. */
export const shownAs = (response: Response, type: string): Response =>
  response
    .type(type)
    .setHeader('X-Content-Type-Options', 'nosniff')
    .setHeader('Content-Security-Policy', "default-src 'none'; sandbox");
