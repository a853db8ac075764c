import { JOB_FILE_FORMAT, type JobFileHead, readJobFileHead, withPhotoIds } from './index.ts';
import { HANDBOOK_CAR, planWith } from '../testing/index.ts';

const revision = (number: number, parent: string | null, branch = 'main') => ({
  ...{ id: `r${number}`, number, parent, branch, author: '', note: '', changes: '' },
  createdAt: '2026-11-28T10:00:00Z',
});
const head = (revisions: ReturnType<typeof revision>[]): JobFileHead => ({
  ...{ format: JOB_FILE_FORMAT, version: 1, name: 'A job', createdAt: '2026-11-27T10:00:00Z', closed: null },
  revisions,
  photos: [],
});

test('revisions in their order, each on one before it, are a job', () => {
  const sound = head([revision(1, null), revision(4, 'r1'), revision(5, 'r1', 'lower hoop')]);
  expect(readJobFileHead(sound)).toEqual({ ok: true, value: sound });
});

test.each([
  ['no revision', [], 'too-small', '/revisions'],
  ['one twice', [revision(1, null), revision(1, null)], 'revision-twice', '/revisions/1/number'],
  ['out of order', [revision(2, null), revision(1, null)], 'revision-twice', '/revisions/1/number'],
  ['on a later one', [revision(1, 'r2'), revision(2, null)], 'unknown-parent', '/revisions/0/parent'],
  ['no main plan', [revision(1, null, 'lower hoop')], 'no-main', '/revisions/0/branch'],
])('%s: told where', (_, revisions, code, path) => {
  expect(readJobFileHead(head(revisions))).toMatchObject({ ok: false, fault: { code, path } });
});

test('answers name their photos by the new ids; what has none is left out', () => {
  const answer = { answer: 'yes' as const, by: '', note: '', on: null };
  const photos = [
    { file: 'one', name: 'first' },
    { file: 'two', name: 'second' },
  ];
  const plan = { ...planWith(HANDBOOK_CAR), answers: { key: { ...answer, photos } } };
  const { answers } = withPhotoIds(plan, new Map([['two', 'new']]));
  expect(answers).toEqual({ key: { ...answer, photos: [{ file: 'new', name: 'second' }] } });
  expect(plan.answers.key.photos).toHaveLength(2);
});
