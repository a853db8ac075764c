import {
  type BuildAnswer,
  type CockpitAnswer,
  type Copes,
  EMPTY_SHOP,
  type Evaluation,
  type Finding,
  type Plan,
  type RuleBook,
} from '@gyrus/core';
import { keepPreviousData, replaceEqualDeep, useQuery } from '@tanstack/react-query';
import { createContext, useContext, useRef } from 'react';
import { usePlan } from '../job/store/planStore.ts';
import { useRuleBooks, useShop } from '../shared/server/queries.ts';
import { answerAway, numberOf } from './away.ts';
import { type Answers, type Asked } from './given.ts';
import { told, useTrouble } from './trouble.ts';

const NO_BOOKS: RuleBook[] = [];

/** The books at hand; a chosen one that could not be fetched is told among the findings. Undefined while they are asked for. */
function useBooksAtHand(): RuleBook[] | undefined {
  const asked = useRuleBooks();
  return asked.isError ? NO_BOOKS : asked.data;
}

/** Answers of earlier edits are kept this long: an undo soon after has them at once. ms */
const KEPT = 2000;

/**
 * An answer to a plan, keyed by the numbers of what it follows from; the last one stands until the next is there, and where that
 * fails, which is told. pause: ms without a newer plan before it is asked for.
 */
function useAnswer<K extends Asked>(what: K, plan: Plan, pause = 0): Answers[K] | null {
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useBooksAtHand();
  const tries = useTrouble((state) => state.tries);
  const kept = useRef<Answers[K] | null>(null);
  const { data } = useQuery({
    queryKey: ['answers', what, numberOf(plan), numberOf(shop), books ? numberOf(books) : null, tries],
    queryFn: async ({ signal }) => {
      if (pause > 0) await new Promise((resolve) => setTimeout(resolve, pause));
      signal.throwIfAborted();
      const asked = answerAway(what, { plan, shop, books: books ?? NO_BOOKS }, signal);
      const answer = await told(what, asked, () => !signal.aborted);
      // A tube that stayed as it was stays the same object, and is not drawn anew.
      if (answer) kept.current = replaceEqualDeep(kept.current, answer);
      return kept.current;
    },
    enabled: books !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: KEPT,
    retry: false,
    networkMode: 'always',
    // What is shared is shared above, across keys.
    structuralSharing: false,
  });
  return data ?? null;
}

/** The copes of the plan on screen. */
export const useCopes = (): Copes | null => useAnswer('copes', usePlan());
/** The people in the cage: room, padding, sight, getting in. */
export const useCockpit = (): CockpitAnswer | null => useAnswer('cockpit', usePlan());

/** The order of building of the plan on screen, in steps. */
export const useBuild = (): BuildAnswer | null => useAnswer('build', usePlan());

/** A pause in typing after which every finding is asked for. ms */
const FINDINGS_PAUSE = 200;

/** Every finding about a plan, with those that take longer; the last ones stand until the next are there. */
export const useFindingsOf = (plan: Plan): Finding[] | null => useAnswer('findings', plan, FINDINGS_PAUSE);

/** The open job's findings, for its stages. */
export const FindingsContext = createContext<Finding[] | null>(null);

/** Every finding about the open job: the same wherever they are counted. null until they are first there. */
export const useFindings = (): Finding[] | null => useContext(FindingsContext);

/** The answers to the plan on screen; the last ones stand until the next are there. */
export const useEvaluationOf = (plan: Plan): Evaluation | null => useAnswer('evaluation', plan);

/** The open job's answers, for its stages. */
export const EvaluationContext = createContext<Evaluation | null>(null);

/** The answers, inside a job's stages. */
export function useEvaluation(): Evaluation {
  const evaluation = useContext(EvaluationContext);
  if (!evaluation) throw new Error('stages are shown once there is an evaluation');
  return evaluation;
}
