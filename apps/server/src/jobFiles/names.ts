/** Where the parts of a job's file are in it. */
export const HEAD_NAME = 'job.json';
export const revisionName = (number: number): string => `revisions/${number}.json`;
export const photoName = (id: string): string => `photos/${id}.jpg`;
