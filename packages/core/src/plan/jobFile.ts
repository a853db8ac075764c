import { z } from 'zod';
import { between, check, fail, type Outcome, say } from '../fault/index.ts';
import { id, moment, note, title } from './quantities.ts';
import { type Plan } from './plan.ts';

/** What the head of a job's file says that it is. */
export const JOB_FILE_FORMAT = 'gyrus-job';
/** The version of job files written today. */
export const JOB_FILE_VERSION = 1;

const text = (what: string, most: number) =>
  z.string(say(what)).max(most, `${what} in ${most} characters at most`);

const revision = z.strictObject({
  id,
  number: between(1, 2 ** 31 - 1, 'the number of the revision').int('the number of the revision is whole'),
  parent: id.nullable(),
  branch: z.string(say('the variant')).regex(/^[\w -]{1,60}$/, 'a variant has 1 to 60 letters or digits'),
  author: title,
  note,
  changes: text('what it changed', 600),
  createdAt: moment,
});

/**
 * The head of a job's file, `job.json`: the job, and what else is in the file. The plan of a revision is in `revisions/NUMBER.json`, a
 * photo in `photos/ID.jpg`.
 */
export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FILE_FORMAT, say(`"${JOB_FILE_FORMAT}"`)),
  version: z.literal(JOB_FILE_VERSION, say(`${JOB_FILE_VERSION}`)),
  name: title.regex(/\S/, 'the job has a name'),
  createdAt: moment,
  /** Who closed it, and when; null while it is open. */
  closed: z.strictObject({ by: title, at: moment }).nullable(),
  /** From the first to the newest. */
  revisions: z.array(revision, say('the revisions')).min(1, 'a job has a revision'),
  photos: z.array(z.strictObject({ id, name: title }), say('the photos')),
});
export type JobFileHead = z.infer<typeof jobFileSchema>;

/** The head of a job's file out of unknown data. Faults name the field; each revision stands on one before it. */
export function readJobFileHead(data: unknown): Outcome<JobFileHead> {
  const read = check(jobFileSchema, data);
  if (!read.ok) return read;
  const before = new Set<string>();
  let last = 0;
  for (const [i, { id: own, number, parent, branch }] of read.value.revisions.entries()) {
    const at = `/revisions/${i}`;
    if (number <= last || before.has(own))
      return fail('revision-twice', `${at}/number`, 'revisions are in the order of their numbers, each once');
    if (parent !== null && !before.has(parent))
      return fail(
        'unknown-parent',
        `${at}/parent`,
        `revision ${number} stands on one that is not in the file`,
      );
    if (i === 0 && branch !== MAIN)
      return fail('no-main', `${at}/branch`, `the first revision is of the variant "${MAIN}"`);
    before.add(own);
    last = number;
  }
  return read;
}

/** The variant that every job begins with. */
const MAIN = 'main';

/** A plan whose answers name their photos by other ids; those that have none are left out. */
export const withPhotoIds = (plan: Plan, ids: ReadonlyMap<string, string>): Plan => ({
  ...plan,
  answers: Object.fromEntries(
    Object.entries(plan.answers).map(([key, answer]) => [
      key,
      {
        ...answer,
        photos: answer.photos.flatMap(({ file, name }) => {
          const found = ids.get(file);
          return found === undefined ? [] : [{ file: found, name }];
        }),
      },
    ]),
  ),
});
