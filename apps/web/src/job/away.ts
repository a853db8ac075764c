import {
  type BarRole,
  type Choices,
  type Evaluation,
  type Finding,
  type MemberProposal,
  type mergeTried,
  type Plan,
  type RuleBook,
  type Shop,
} from '@gyrus/core';
import { type Remote, wrap } from 'comlink';
import { type EvaluationWorker } from './evaluation.worker.ts';

/** The worker could not be loaded, ended in the middle of its work, or comes to no end. */
class WorkerGone extends Error {}

const ENDED = 'the part of the program that works things out has ended';

/** What takes longer is taken for endless: a figure that no car has can do that. ms */
const LONGEST = 60_000;
const ENDLESS = `it took longer than ${LONGEST / 1000} s: look for a figure that no car has`;

interface Running {
  remote: Remote<EvaluationWorker>;
  gone: Promise<never>;
  stop: () => void;
}

function started(): Running {
  const worker = new Worker(new URL('./evaluation.worker.ts', import.meta.url), { type: 'module' });
  const gone = new Promise<never>((_, reject) => {
    worker.onerror = () => reject(new WorkerGone(ENDED));
  });
  gone.catch(() => undefined);
  return { remote: wrap<EvaluationWorker>(worker), gone, stop: () => worker.terminate() };
}

/** A worker that is started when it is first asked, and anew when it has ended: no question stays without an answer. */
function workerOf() {
  let running: Running | null = null;
  return async <T>(ask: (remote: Remote<EvaluationWorker>) => Promise<T>): Promise<T> => {
    const asked = (running ??= started());
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new WorkerGone(ENDLESS)), LONGEST);
    });
    try {
      return await Promise.race([ask(asked.remote), asked.gone, late]);
    } catch (error) {
      if (error instanceof WorkerGone) {
        asked.stop();
        if (running === asked) running = null;
      }
      throw error;
    } finally {
      clearTimeout(timer);
    }
  };
}

/** For the geometry that a key waits for. */
const quick = workerOf();
/** For what takes longer: no key waits behind it. */
const slow = workerOf();

export const evaluateAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Evaluation> =>
  quick((remote) => remote.evaluate(plan, shop, books));

/** Copes, people or findings of a plan: what takes longer than a key may wait. */
export const answerAway = <K extends 'copes' | 'cockpit' | 'findings'>(
  what: K,
  plan: Plan,
  shop: Shop,
  books: RuleBook[],
): Promise<ReturnType<EvaluationWorker[K]>> =>
  slow((remote) => remote[what](plan, shop, books) as Promise<ReturnType<EvaluationWorker[K]>>);

/** Bars of a role for a plan, tried in its cage before they are offered. */
export const proposeAway = (plan: Plan, shop: Shop, role: BarRole, way: string): Promise<MemberProposal> =>
  slow((remote) => remote.propose(plan, shop, role, way) as Promise<MemberProposal>);

/** The cage that ships with the program, with its shop. */
export const demoCageAway = (): Promise<{ plan: Plan; shop: Shop }> => quick((remote) => remote.demoCage());

/** Every finding about a plan that is not on screen. */
export const findingsAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Finding[]> =>
  answerAway('findings', plan, shop, books);

/** Two people's changes put together and tried. */
export const mergeAway = (
  base: Plan,
  mine: Plan,
  theirs: Plan,
  choices: Choices = {},
): Promise<ReturnType<typeof mergeTried>> => slow((remote) => remote.merge(base, mine, theirs, choices));
