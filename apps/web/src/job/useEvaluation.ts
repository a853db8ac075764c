import {
  type CockpitAnswer,
  type Copes,
  EMPTY_SHOP,
  type Evaluation,
  type Finding,
  type Plan,
  type RuleBook,
} from '@gyrus/core';
import { createContext, useContext, useEffect, useLayoutEffect, useState } from 'react';
import { useRuleBooks, useShop } from '../shared/queries.ts';
import { answerAway, evaluateAway } from './away.ts';
import { usePlan } from './planStore.ts';
import { told, type Asked, useTrouble } from './trouble.ts';
import { type EvaluationWorker } from './evaluation.worker.ts';

const NO_BOOKS: RuleBook[] = [];

/** The books at hand; a chosen one that could not be fetched is told among the findings. Undefined while they are asked for. */
function useBooksAtHand(): RuleBook[] | undefined {
  const asked = useRuleBooks();
  return asked.isError ? NO_BOOKS : asked.data;
}

type Slow = Exclude<Asked, 'evaluation'>;
type Answer<K extends Slow> = ReturnType<EvaluationWorker[K]>;

/** What takes longer than a key may wait, where a stage asks for it; the last answer stands until the next is there. */
function useAnswer<K extends Slow>(what: K, plan: Plan, pause = 0): Answer<K> | null {
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useBooksAtHand();
  const tries = useTrouble((state) => state.tries);
  const [answer, setAnswer] = useState<Answer<K> | null>(null);
  useEffect(() => {
    if (!books) return;
    let overtaken = false;
    const timer = setTimeout(() => {
      const asked = told(what, answerAway(what, plan, shop, books), () => !overtaken);
      void asked.then((found) => {
        if (found && !overtaken) setAnswer(found);
      });
    }, pause);
    return () => {
      overtaken = true;
      clearTimeout(timer);
    };
  }, [what, plan, shop, books, pause, tries]);
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
  const tries = useTrouble((state) => state.tries);
  const [evaluation, setEvaluation] = useState<Evaluation | null>(null);
  // Before the browser paints what was typed: the answers are on their way a frame earlier.
  useLayoutEffect(() => {
    if (!books) return;
    let overtaken = false;
    void told('evaluation', evaluateAway(plan, shop, books), () => !overtaken).then((answers) => {
      if (answers && !overtaken) setEvaluation(answers);
    });
    return () => {
      overtaken = true;
    };
  }, [plan, shop, books, tries]);
  return evaluation;
}

export const EvaluationContext = createContext<Evaluation | null>(null);

/** The answers, inside a job's stages. */
export function useEvaluation(): Evaluation {
  const evaluation = useContext(EvaluationContext);
  if (!evaluation) throw new Error('stages are shown once there is an evaluation');
  return evaluation;
}
