import { answersFor, type IssueAsked } from '../floor/issueSheet.ts';
import { readJobFile } from '../jobFiles/readJobFile.ts';
import { isPicture } from '../photos/isPicture.ts';
import { layOut as layOutJobs, type LayOutAsked } from '../stock/layOut.ts';
import { makeSheet, type SheetAsked } from '../sheets/makeSheet.ts';
import { type MadeSheet, type Task } from './tasks.ts';

/** Says that the work has begun: its time is counted from here, not from when it was put in the line. */
const begin = ({ begun }: Task<unknown>): void => {
  begun.postMessage('begun');
  begun.close();
};

/** Makes a sheet, a pack or an outline. */
export function sheet(task: Task<SheetAsked>): Promise<MadeSheet> {
  begin(task);
  return makeSheet(task.asked);
}

/** Whether bytes are a JPEG that can be decoded to its end. */
export function picture(task: Task<Uint8Array>): boolean {
  begin(task);
  return isPicture(task.asked);
}

/** What the floor is told of a tube. */
export function issue(task: Task<IssueAsked>): ReturnType<typeof answersFor> {
  begin(task);
  return answersFor(task.asked);
}

/** How the tube of some jobs is cut. */
export function layOut(task: Task<LayOutAsked>): ReturnType<typeof layOutJobs> {
  begin(task);
  return layOutJobs(task.asked);
}

/** What the file of a job holds, checked; or why it is none. */
export function jobFile(task: Task<Uint8Array>): ReturnType<typeof readJobFile> {
  begin(task);
  return readJobFile(task.asked);
}

/** What the pool can be asked for, by name. */
export interface WorkerTasks {
  sheet: typeof sheet;
  picture: typeof picture;
  issue: typeof issue;
  layOut: typeof layOut;
  jobFile: typeof jobFile;
}
