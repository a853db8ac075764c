import {
  type BarRole,
  type Choices,
  type Copes,
  type Evaluation,
  type Finding,
  type fitTrace,
  type MemberProposal,
  type mergeTried,
  type Plan,
  type RuleBook,
  type Shop,
  type WalkAsked,
  type Walked,
  type widthsOf,
} from '@gyrus/core';
import { type Remote, wrap } from 'comlink';
import { type AnswersWorker } from './answers.worker.ts';
import { type Answers, type Asked, type Given, type Numbers, type Told } from './given.ts';

/** The worker could not be loaded, ended in the middle of its work, or comes to no end. */
class WorkerGone extends Error {}

const ENDED = 'the part of the program that works things out has ended';

/** What takes longer is taken for endless: a figure that no car has can do that. ms */
const LONGEST = 60_000;
const ENDLESS = `it took longer than ${LONGEST / 1000} s: look for a figure that no car has`;

interface Running {
  remote: Remote<AnswersWorker>;
  /** Numbers of what it was sent. */
  sent: Set<number>;
  gone: Promise<never>;
  stop: () => void;
}

function started(): Running {
  const worker = new Worker(new URL('./answers.worker.ts', import.meta.url), { type: 'module' });
  const gone = new Promise<never>((_, reject) => {
    worker.onerror = () => reject(new WorkerGone(ENDED));
  });
  gone.catch(() => undefined);
  return { remote: wrap<AnswersWorker>(worker), sent: new Set(), gone, stop: () => worker.terminate() };
}

type AskOf = <T>(ask: (running: Running) => Promise<T>) => Promise<T>;

/** A worker that is started when it is first asked, and anew when it has ended: no question stays without an answer. */
function workerOf(): AskOf {
  let running: Running | null = null;
  return async (ask) => {
    const asked = (running ??= started());
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new WorkerGone(ENDLESS)), LONGEST);
    });
    try {
      return await Promise.race([ask(asked), asked.gone, late]);
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

/** Answers to the plan on screen. */
const onScreen = workerOf();
/** Plans that are not on screen, proposals, merges: no key waits behind them. */
const aside = workerOf();

let lastNumber = 0;
const numbers = new WeakMap<object, number>();

/** A plan, a shop or a list of books by a number of its own: the same as long as it is the same object. */
export function numberOf(thing: object): number {
  const known = numbers.get(thing);
  if (known !== undefined) return known;
  numbers.set(thing, (lastNumber += 1));
  return lastNumber;
}

let lastQuestion = 0;

async function askOf<K extends Asked>(
  of: AskOf,
  what: K,
  given: Given,
  signal?: AbortSignal,
): Promise<Answers[K]> {
  const question = (lastQuestion += 1);
  const numbersOf: Numbers = {
    plan: numberOf(given.plan),
    shop: numberOf(given.shop),
    books: numberOf(given.books),
  };
  const told = await of(async (running) => {
    signal?.addEventListener('abort', () => void running.remote.drop(question), { once: true });
    const ask = () => {
      sendNew(running, given, numbersOf);
      return running.remote.ask(question, what, numbersOf) as Promise<Told<Answers[K]>>;
    };
    const first = await ask();
    if (first !== 'missing' || signal?.aborted) return first;
    // It holds only the last few: what it let go is sent again.
    for (const number of Object.values(numbersOf)) running.sent.delete(number);
    return ask();
  });
  if (typeof told === 'object' && 'answer' in told) return told.answer;
  throw new Error(typeof told === 'object' ? told.failed : `no answer: ${told}`);
}

function sendNew({ remote, sent }: Running, given: Given, numbersOf: Numbers): void {
  for (const kind of ['plan', 'shop', 'books'] as const) {
    if (sent.has(numbersOf[kind])) continue;
    void remote.take(kind, numbersOf[kind], given[kind]);
    sent.add(numbersOf[kind]);
  }
}

/** An answer to the plan on screen. signal: given up when it is aborted, before it is begun where it waits. */
export const answerAway = <K extends Asked>(
  what: K,
  given: Given,
  signal?: AbortSignal,
): Promise<Answers[K]> => askOf(onScreen, what, given, signal);

/** Every answer of the cage to a plan that is not on screen. */
export const evaluateAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Evaluation> =>
  askOf(aside, 'evaluation', { plan, shop, books });

/** The copes of a plan that is not on screen. */
export const copesAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Copes> =>
  askOf(aside, 'copes', { plan, shop, books });

/** Every finding about a plan that is not on screen. */
export const findingsAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Finding[]> =>
  askOf(aside, 'findings', { plan, shop, books });

/** Bars of a role for a plan, tried in its cage before they are offered. */
export const proposeAway = (plan: Plan, shop: Shop, role: BarRole, way: string): Promise<MemberProposal> =>
  aside(({ remote }) => remote.propose(plan, shop, role, way) as Promise<MemberProposal>);

/** The cage that ships with the program, with its shop. */
export const demoCageAway = (): Promise<{ plan: Plan; shop: Shop }> =>
  aside(({ remote }) => remote.demoCage());

/** A tube walked through its bends at the machine, in the order asked for and in all others. */
export const walkAway = (asked: WalkAsked): Promise<Walked> => aside(({ remote }) => remote.walk(asked));

/** How far pairs of a tube stand apart in each of n parts with errors at every bend. */
export const widthsAway = (...asked: Parameters<typeof widthsOf>): Promise<ReturnType<typeof widthsOf>> =>
  aside(({ remote }) => remote.widths(...asked));

/** A tube through a traced shape. */
export const traceAway = (...asked: Parameters<typeof fitTrace>): Promise<ReturnType<typeof fitTrace>> =>
  aside(({ remote }) => remote.trace(...asked) as Promise<ReturnType<typeof fitTrace>>);

/** Two people's changes put together and tried. */
export const mergeAway = (
  base: Plan,
  mine: Plan,
  theirs: Plan,
  choices: Choices = {},
): Promise<ReturnType<typeof mergeTried>> => aside(({ remote }) => remote.merge(base, mine, theirs, choices));
