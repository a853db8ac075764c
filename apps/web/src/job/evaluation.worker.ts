import { evaluate } from '@gyrus/core';
import { expose } from 'comlink';

/** Evaluation away from the page's thread, so that typing never waits for it. */
const worker = { evaluate };
export type EvaluationWorker = typeof worker;
expose(worker);
