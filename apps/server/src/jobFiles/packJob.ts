import { type JobFileHead } from '@gyrus/core';
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { HEAD_NAME, photoName, revisionName } from './names.ts';

/** Where the parts come from that are too long to be held at once. */
export interface JobParts {
  plan: (number: number) => Promise<object>;
  photo: (id: string) => Promise<Uint8Array>;
}

/** A job as the bytes of one ZIP file, part after part: no more than one plan or photo is held at a time. */
export async function* packJob(head: JobFileHead, parts: JobParts): AsyncGenerator<Uint8Array> {
  let made: Uint8Array[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    made.push(chunk);
  });
  const taken = (): Uint8Array[] => {
    const chunks = made;
    made = [];
    return chunks;
  };
  const add = (entry: ZipDeflate | ZipPassThrough, bytes: Uint8Array): Uint8Array[] => {
    zip.add(entry);
    entry.push(bytes, true);
    return taken();
  };
  const asJson = (name: string, data: object) => add(new ZipDeflate(name), strToU8(JSON.stringify(data)));
  yield* asJson(HEAD_NAME, head);
  for (const { number } of head.revisions) yield* asJson(revisionName(number), await parts.plan(number));
  // A JPEG does not get smaller.
  for (const { id } of head.photos) yield* add(new ZipPassThrough(photoName(id)), await parts.photo(id));
  zip.end();
  yield* taken();
}
