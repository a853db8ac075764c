import {
  type CockpitAnswer,
  type Copes,
  EMPTY_SHOP,
  type Evaluation,
  type Finding,
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

let remote: Remote<EvaluationWorker> | null = null;

const worker = (): Remote<EvaluationWorker> =>
  (remote ??= wrap<EvaluationWorker>(
    new Worker(new URL('./evaluation.worker.ts', import.meta.url), { type: 'module' }),
  ));

/** Answers from the worker, for plans that are not on screen. */
export const evaluateAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Evaluation> =>
  worker().evaluate(plan, shop, books);

/** The cage that ships with the program, with its shop. */
export const demoCageAway = (): Promise<{ plan: Plan; shop: Shop }> => worker().demoCage();

/** Every finding about a plan that is not on screen. */
export const findingsAway = (plan: Plan, shop: Shop, books: RuleBook[]): Promise<Finding[]> =>
  worker().findings(plan, shop, books);

/** The books at hand; a chosen one that could not be fetched is told among the findings. Undefined while they are asked for. */
function useBooksAtHand(): RuleBook[] | undefined {
  const asked = useRuleBooks();
  return asked.isError ? NO_BOOKS : asked.data;
}

type Asked = 'copes' | 'cockpit' | 'findings';
type Answer<K extends Asked> = ReturnType<EvaluationWorker[K]>;

/** What takes longer than a key may wait, where a stage asks for it; the last answer stands until the next is there. */
function useAnswer<K extends Asked>(what: K): Answer<K> | null {
  const plan = usePlan();
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useBooksAtHand();
  const [answer, setAnswer] = useState<Answer<K> | null>(null);
  useEffect(() => {
    if (!books) return;
    let overtaken = false;
    const asked = worker()[what](plan, shop, books) as Promise<Answer<K>>;
    void asked.then((found) => {
      if (!overtaken) setAnswer(found);
    });
    return () => {
      overtaken = true;
    };
  }, [what, plan, shop, books]);
  return answer;
}

/** The copes of the plan on screen. */
export const useCopes = (): Copes | null => useAnswer('copes');
/** The people in the cage: room, padding, sight, getting in. */
export const useCockpit = (): CockpitAnswer | null => useAnswer('cockpit');
/** Every finding, with those that take longer. */
export const useFindings = (): Finding[] | null => useAnswer('findings');

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
