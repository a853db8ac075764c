import {
  fail,
  type Fault,
  type JobFileHead,
  type Outcome,
  type Plan,
  planReader,
  readJobFileHead,
  succeed,
  under,
} from '@gyrus/core';
import { strFromU8, unzipSync } from 'fflate';
import { unkeepable } from '../common/bodyGuard.ts';
import { HEAD_NAME, photoName, revisionName } from './names.ts';

/** What a job's file holds. The plans in the order of the head's revisions, brought up to today's version. */
export interface JobFile {
  head: JobFileHead;
  plans: Plan[];
  /** By their ids; whether they are pictures is not looked at here. */
  photos: Map<string, Uint8Array>;
}

/** Unpacked, a file of some thousand revisions has some hundred megabytes; beyond this it is made to fill a disk. Bytes */
const LARGEST_UNPACKED = 1024 ** 3;

/** Reads and checks the file of a job. Faults name the entry of the file, then the field. */
export function readJobFile(bytes: Uint8Array): { file: JobFile } | { fault: Fault<string> } {
  const read = fileIn(bytes);
  return read.ok ? { file: read.value } : { fault: read.fault };
}

function fileIn(bytes: Uint8Array): Outcome<JobFile> {
  const entries = unzipped(bytes);
  if (!entries.ok) return entries;
  const json = jsonIn(entries.value, HEAD_NAME);
  if (!json.ok) return json;
  const head = under(`/${HEAD_NAME}`, readJobFileHead(json.value));
  if (!head.ok) return head;
  // A revision differs from the one before by a record or two: what is the same is checked once.
  const readPlan = planReader();
  const plans: Plan[] = [];
  for (const { number } of head.value.revisions) {
    const name = revisionName(number);
    const data = jsonIn(entries.value, name);
    if (!data.ok) return data;
    const plan = under(`/${name}`, readPlan(data.value));
    if (!plan.ok) return plan;
    plans.push(plan.value.plan);
  }
  const photos = photosIn(entries.value, head.value);
  return photos.ok ? succeed({ head: head.value, plans, photos: photos.value }) : photos;
}

type Entries = Record<string, Uint8Array>;

function unzipped(bytes: Uint8Array): Outcome<Entries> {
  let size = 0;
  try {
    const entries = unzipSync(bytes, {
      filter: ({ originalSize }) => (size += originalSize) <= LARGEST_UNPACKED,
    });
    if (size <= LARGEST_UNPACKED) return succeed(entries);
    return fail('too-big', '', 'this file holds more than a job can');
  } catch {
    return fail('unreadable', '', 'this is no file of a job: choose one that Gyrus has written');
  }
}

function jsonIn(entries: Entries, name: string): Outcome<unknown> {
  const bytes = entries[name];
  if (!bytes) return fail('missing', `/${name}`, `the file has no ${name}: it was not written whole`);
  let data: unknown;
  try {
    data = JSON.parse(strFromU8(bytes));
  } catch {
    return fail('not-json', `/${name}`, `${name} in the file is no JSON document`);
  }
  const fault = unkeepable(data, true);
  return fault ? fail('unreadable', `/${name}${fault.path}`, fault.message) : succeed(data);
}

function photosIn(entries: Entries, { photos }: JobFileHead): Outcome<Map<string, Uint8Array>> {
  const found = new Map<string, Uint8Array>();
  for (const { id, name } of photos) {
    const bytes = entries[photoName(id)];
    if (!bytes) return fail('missing', `/${photoName(id)}`, `the file has not the photo ${name}`);
    found.set(id, bytes);
  }
  return succeed(found);
}
