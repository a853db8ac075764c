import {
  type BarRole,
  type CockpitAnswer,
  type Copes,
  EMPTY_SHOP,
  type Evaluation,
  type Finding,
  type MemberProposal,
  type Plan,
  type RuleBook,
  type Shop,
} from '@gyrus/core';
import { type Remote, wrap } from 'comlink';
import { createContext, useContext, useEffect, useLayoutEffect, useState } from 'react';
import { useRuleBooks, useShop } from '../shared/queries.ts';
import { usePlan } from './planStore.ts';
import { type EvaluationWorker } from './evaluation.worker.ts';

const NO_BOOKS: RuleBook[] = [];

const started = (): Remote<EvaluationWorker> =>
  wrap<EvaluationWorker>(new Worker(new URL('./evaluation.worker.ts', import.meta.url), { type: 'module' }));

let quick: Remote<EvaluationWorker> | null = null;
let slow: Remote<EvaluationWorker> | null = null;

/** For the geometry that a key waits for. */
const worker = (): Remote<EvaluationWorker> => (quick ??= started());
/** For what takes longer: no key waits behind it. */
const slowWorker = (): Remote<EvaluationWorker> => (slow ??= started());

/** Answers from the worker, for plans that are not on screen. */
export const evaluateAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Evaluation> =>
  worker().evaluate(plan, shop, books);

/** Bars of a role for a plan, tried in its cage before they are offered. */
export const proposeAway = (plan: Plan, shop: Shop, role: BarRole, way: string): Promise<MemberProposal> =>
  slowWorker().propose(plan, shop, role, way);

/** The cage that ships with the program, with its shop. */
export const demoCageAway = (): Promise<{ plan: Plan; shop: Shop }> => worker().demoCage();

/** Every finding about a plan that is not on screen. */
export const findingsAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Finding[]> =>
  slowWorker().findings(plan, shop, books);

/** The books at hand; a chosen one that could not be fetched is told among the findings. Undefined while they are asked for. */
function useBooksAtHand(): RuleBook[] | undefined {
  const asked = useRuleBooks();
  return asked.isError ? NO_BOOKS : asked.data;
}

type Asked = 'copes' | 'cockpit' | 'findings';
type Answer<K extends Asked> = ReturnType<EvaluationWorker[K]>;

/** What takes longer than a key may wait, where a stage asks for it; the last answer stands until the next is there. */
function useAnswer<K extends Asked>(what: K, plan: Plan, pause = 0): Answer<K> | null {
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useBooksAtHand();
  const [answer, setAnswer] = useState<Answer<K> | null>(null);
  useEffect(() => {
    if (!books) return;
    let overtaken = false;
    const timer = setTimeout(() => {
      const asked = slowWorker()[what](plan, shop, books) as Promise<Answer<K>>;
      void asked.then((found) => {
        if (!overtaken) setAnswer(found);
      });
    }, pause);
    return () => {
      overtaken = true;
      clearTimeout(timer);
    };
  }, [what, plan, shop, books, pause]);
  return answer;
}

/** The copes of the plan on screen. */
export const useCopes = (): Copes | null => useAnswer('copes', usePlan());
/** The people in the cage: room, padding, sight, getting in. */
export const useCockpit = (): CockpitAnswer | null => useAnswer('cockpit', usePlan());
/** A pause in typing after which every finding is asked for. ms */
const FINDINGS_PAUSE = 200;

/** Every finding about a plan, with those that take longer; the last ones stand until the next are there. */
export const useFindingsOf = (plan: Plan): Finding[] | null => useAnswer('findings', plan, FINDINGS_PAUSE);

export const FindingsContext = createContext<Finding[] | null>(null);

/** Every finding about the open job: the same wherever they are counted. null until they are first there. */
export const useFindings = (): Finding[] | null => useContext(FindingsContext);

/** The answers to the plan on screen; the last ones stand until the next are there. */
export function useEvaluationOf(plan: Plan): Evaluation | null {
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useBooksAtHand();
  const [evaluation, setEvaluation] = useState<Evaluation | null>(null);
  // Before the browser paints what was typed: the answers are on their way a frame earlier.
  useLayoutEffect(() => {
    if (!books) return;
    let overtaken = false;
    void worker()
      .evaluate(plan, shop, books)
      .then((answers) => {
        if (!overtaken) setEvaluation(answers);
      });
    return () => {
      overtaken = true;
    };
  }, [plan, shop, books]);
  return evaluation;
}

export const EvaluationContext = createContext<Evaluation | null>(null);

/** The answers, inside a job's stages. */
export function useEvaluation(): Evaluation {
  const evaluation = useContext(EvaluationContext);
  if (!evaluation) throw new Error('stages are shown once there is an evaluation');
  return evaluation;
}
